<?php

declare(strict_types=1);

namespace Lento\Thickness;

/**
 * The reference béchamel in numbers, as docs/model.md defines it: a white butter roux, one to one, in whole milk, cooked out.
 *
 * Computed from the larder and the law of flow by tests/Core/Thickness/reference.php, which prints this table; its test computes it again.
 */
final readonly class ReferenceScale
{
    /** g/l between the points; in between a cubic reads the scale to 1e-7 (its test measures that). */
    public const STEP = 2.0;

    /** Pa s of water at 60 °C. */
    public const WATER = 0.00046806320650779004;

    /** Pa s of the milk alone at 60 °C. */
    public const MILK = 0.0008314266724653955;

    /** What the starch adds to the viscosity, to this power, is nearly a straight line in flour. */
    public const STRAIGHTENS = 1.0 / 3.6;

    /** Straightened viscosity at 0, 2, 4 … 204 g/l. */
    public const POINTS = [
        0.0, 0.03787075397881935, 0.06521527749323072, 0.09491494990426619, 0.12547997081634554, 0.15659857702979804,
        0.18818277466184904, 0.22019778701458154, 0.25262358785799643, 0.28544439385701037, 0.31864552157184545, 0.35221248193758853,
        0.38613080750451273, 0.4203861186628449, 0.4549642554275735, 0.4898514125707878, 0.5250342569450078, 0.5605000214865187,
        0.5962365763060514, 0.6322324793370783, 0.6684770095301623, 0.7049601854966034, 0.7416727722065132, 0.7786062779969135,
        0.8157529438085112, 0.8531057262680793, 0.8906582759718503, 0.9284049121020902, 0.9663405943197514, 1.0044608927160052,
        1.042761956470102, 1.0812404817464325, 1.119893679266683, 1.1587192419107035, 1.1977153126299598, 1.2368804528982387,
        1.276213611874085, 1.3157140964068834, 1.3553815419825266, 1.3952158846741582, 1.4352173341379075, 1.475386347671986,
        1.5157236053395549, 1.5562299861408062, 1.5969065452073024, 1.6377544919815092, 1.6787751693361423, 1.719970033581343,
        1.761340635302423, 1.802888600966833, 1.8446156152359352, 1.886523403914898, 1.928613717472541, 1.9708883150620358,
        2.013348948972974, 2.055997349445395, 2.0988352097767744, 2.1418641716537783, 2.1850858106416324, 2.2285016217653038,
        2.2721130051182885, 2.3159212514366225, 2.3599275275778027, 2.4041328618466493, 2.4485381291127006, 2.4931440356666252,
        2.537951103766311, 2.5829596558268078, 2.628169798212239, 2.6735814045921154, 2.7191940988293077, 2.765007237372306,
        2.81101989113029, 2.8572308268161946, 2.9036384877501518, 2.9502409741238944, 2.997036022735489, 3.0440209862137024,
        3.0911928117619727, 3.138548019463821, 3.1860826802043314, 3.2337923932762456, 3.2816722637543005, 3.3297168797374743,
        3.3779202895761364, 3.426275979219239, 3.4747768498359757, 3.523415195886302, 3.5721826838355244, 3.6210703317292503,
        3.670068489866572, 3.7191668228305086, 3.7683542931558427, 3.8176191469342737, 3.8669489016756198, 3.916330336760388,
        3.9657494868332455, 4.015191638497834, 4.064641330680433, 4.114082359032247, 4.163497784737081, 4.212869948081837,
        4.262180487131028,
    ];

    /** g of each part in what one gram of flour brings, with its gram of butter. */
    private const ROUX = ['water' => 0.28, 'fat' => 0.825, 'solids' => 0.89, 'added_fat' => 0.815];

    /** Cooked out; what is dry of the flour, and what a long simmer would take of it. */
    private const ROUX_STARCH = [
        'grams' => 1.0,
        'strengthGrams' => 1.0,
        'plainGrams' => 1.0,
        'dryGrams' => 0.87,
        'rawGrams' => 1.0,
        'longSimmerLoss' => 0.08,
        'gelatinised' => 1.0,
        'rawTaste' => 1.0,
    ];

    /** g of each part in a gram of whole milk; its acids by their buffer. */
    private const MILK_PARTS = [
        'water' => 0.875,
        'fat' => 0.036,
        'solids' => 0.089,
        'milk_solids' => 0.088,
        'buffer' => 30.0,
        'buffer_times_ph' => 201.0,
    ];

    private function __construct() {}

    /** A gram of flour and a gram of butter, cooked out. */
    public static function roux(): Sauce
    {
        return Sauce::ofParts(
            self::ROUX,
            Starch::ofParts(self::ROUX_STARCH),
        );
    }

    public static function milk(): Sauce
    {
        return Sauce::ofParts(self::MILK_PARTS, Starch::none());
    }

    public static function straightened(float $pascalSeconds): float
    {
        return max(0.0, $pascalSeconds - self::MILK) ** self::STRAIGHTENS;
    }
}
