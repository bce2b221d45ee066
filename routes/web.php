<?php

declare(strict_types=1);

use App\Http\Controllers\ActsController;
use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\AssayController;
use App\Http\Controllers\AuditController;
use App\Http\Controllers\BinController;
use App\Http\Controllers\CalendarAddressController;
use App\Http\Controllers\CompareController;
use App\Http\Controllers\ComposeController;
use App\Http\Controllers\DrillController;
use App\Http\Controllers\ElsewhereController;
use App\Http\Controllers\ExerciseController;
use App\Http\Controllers\EyeController;
use App\Http\Controllers\FamilyController;
use App\Http\Controllers\GuideController;
use App\Http\Controllers\KeepController;
use App\Http\Controllers\KitchenController;
use App\Http\Controllers\KitchensController;
use App\Http\Controllers\LabelController;
use App\Http\Controllers\LearningController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\LogFileController;
use App\Http\Controllers\LogImportController;
use App\Http\Controllers\MakeController;
use App\Http\Controllers\NowhereController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PotController;
use App\Http\Controllers\PotEventController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\PulseController;
use App\Http\Controllers\PutAwayController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\RescueController;
use App\Http\Controllers\SauceController;
use App\Http\Controllers\ScoreController;
use App\Http\Controllers\ScoreFileController;
use App\Http\Controllers\SearchController;
use App\Http\Controllers\ServiceController;
use App\Http\Controllers\ServicePaperController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\SupplyController;
use App\Http\Controllers\TabletController;
use App\Http\Controllers\WasteController;
use App\Http\Middleware\SentOnce;
use App\Http\Responses\RecipeFile;
use App\PutAway\Archive;
use App\PutAway\Bin;
use Illuminate\Support\Facades\Route;

// No more digits than a row's number can have: beyond them neither PHP nor an engine knows what is meant.
$id = '[0-9]{1,18}';

Route::redirect('/', '/compose');
Route::get('/compose', ComposeController::class)->name('compose');
Route::get('/compose/whole', [ComposeController::class, 'whole'])->name('compose.whole');
Route::get('/sheet', SheetController::class)->name('sheet');
Route::get('/sheet.{format}', SheetController::class)->name('sheet.file')->whereIn('format', RecipeFile::FORMATS);
Route::get('/sheet.pdf', [SheetController::class, 'pdf'])->name('sheet.pdf');
Route::get('/compare', CompareController::class)->name('compare');
Route::match(['get', 'post'], '/assay', AssayController::class)->name('assay');

Route::get('/sauces', [SauceController::class, 'index'])->name('sauces.index');
Route::get('/sauces/keep', [SauceController::class, 'create'])->name('sauces.create');
Route::post('/sauces', [SauceController::class, 'store'])->name('sauces.store')->middleware(['throttle:made', SentOnce::class])
    ->middleware('may:sauces');
Route::get('/sauces/{sauce}', [SauceController::class, 'show'])->name('sauces.show')->where('sauce', $id);
Route::post('/sauces/{sauce}', [SauceController::class, 'update'])->name('sauces.update')->where('sauce', $id)
    ->middleware('may:sauces');
Route::post('/sauces/{sauce}/favourite', [SauceController::class, 'favour'])->name('sauces.favour')->where('sauce', $id)
    ->middleware('may:sauces');
Route::post('/sauces/{sauce}/duplicate', [SauceController::class, 'duplicate'])->name('sauces.duplicate')
    ->where('sauce', $id)
    ->middleware(['throttle:made', SentOnce::class])
    ->middleware('may:sauces');

Route::get('/kitchen', [KitchenController::class, 'show'])->name('kitchen');
Route::get('/kitchen/{section}', [KitchenController::class, 'show'])->name('kitchen.section')
    ->whereIn('section', KitchenController::LONG);
Route::post('/kitchen/{section}', [KitchenController::class, 'store'])
    ->name('kitchen.store')
    ->middleware(['throttle:made', SentOnce::class])
    ->whereIn('section', ['settings', 'schools', 'pans', 'vessels', 'hobs', 'hands', 'keeping', 'devices', 'larder', 'formulas'])
    ->middleware('may:kitchen');
Route::post('/kitchen/calendar', CalendarAddressController::class)->name('kitchen.calendar')->middleware('may:kitchen');
Route::post('/kitchen/{section}/{id}/remove', [KitchenController::class, 'remove'])
    ->name('kitchen.remove')
    ->whereIn('section', ['pans', 'vessels', 'hobs', 'devices', 'larder'])
    ->where('id', $id)
    ->middleware('may:bin');

Route::get('/people', [PeopleController::class, 'index'])->name('people')->middleware('may:people');
Route::post('/people', [PeopleController::class, 'store'])->name('people.store')
    ->middleware(['may:people', 'throttle:made', SentOnce::class]);
Route::post('/people/{member}/remove', [PeopleController::class, 'remove'])->name('people.remove')
    ->where('member', $id)
    ->middleware('may:people');
// One's own, whatever one may do here.
Route::post('/password', [PeopleController::class, 'password'])->name('password')->middleware('throttle:sign-in');
Route::get('/tablets', [TabletController::class, 'index'])->name('tablets')->middleware('may:people');
Route::post('/tablets', [TabletController::class, 'store'])->name('tablets.store')
    ->middleware(['may:people', 'throttle:made', SentOnce::class]);
Route::post('/tablets/{tablet}/remove', [TabletController::class, 'remove'])->name('tablets.remove')
    ->where('tablet', $id)
    ->middleware('may:people');
Route::get('/kitchens', [KitchensController::class, 'index'])->name('kitchens');
Route::post('/kitchens', [KitchensController::class, 'store'])->name('kitchens.store')
    ->middleware(['may:kitchens', 'throttle:made', SentOnce::class]);
Route::post('/kitchens/house', [KitchensController::class, 'house'])->name('kitchens.house')->middleware('may:kitchens');
// Into another kitchen that one belongs to: its own rules hold there.
Route::post('/kitchens/{galley}/enter', [KitchensController::class, 'enter'])->name('kitchens.enter')->where('galley', $id);

Route::get('/bin', [BinController::class, 'index'])->name('bin')->middleware('may:bin');
Route::post('/bin/{kind}/{id}/back', [BinController::class, 'putBack'])->name('bin.back')
    ->whereIn('kind', Bin::kinds())
    ->where('id', $id)
    ->middleware('may:bin');
Route::get('/archive', [ArchiveController::class, 'index'])->name('archive');
Route::post('/archive/{kind}/{id}', [ArchiveController::class, 'store'])->name('archive.store')
    ->whereIn('kind', Archive::kinds())
    ->where('id', $id)
    ->middleware('may:bin');
Route::post('/archive/{kind}/{id}/out', [ArchiveController::class, 'takeOut'])->name('archive.out')
    ->whereIn('kind', Archive::kinds())
    ->where('id', $id)
    ->middleware('may:bin');
Route::get('/audit', AuditController::class)->name('audit')->middleware('may:people');

Route::get('/family', [ServiceController::class, 'index'])->name('family');
Route::post('/services', [ServiceController::class, 'store'])->name('services.store')->middleware(['throttle:made', SentOnce::class])
    ->middleware('may:services');
Route::get('/services/{service}', [ServiceController::class, 'show'])->name('services.show')->where('service', $id);
Route::post('/services/{service}', [ServiceController::class, 'update'])->name('services.update')->where('service', $id)
    ->middleware('may:services');
Route::post('/services/{service}/cook', [ServiceController::class, 'cook'])->name('services.cook')
    ->where('service', $id)
    ->middleware(['throttle:made', SentOnce::class])
    ->middleware('may:services');
Route::get('/score', [ScoreController::class, 'index'])->name('score.last');
Route::get('/services/{service}/score', [ScoreController::class, 'show'])->name('score')->where('service', $id);
Route::get('/services/{service}/score.{format}', ScoreFileController::class)->name('score.file')->where('service', $id)
    ->whereIn('format', ScoreFileController::FORMATS);
Route::post('/services/{service}/score/better', [ScoreController::class, 'better'])->name('score.better')->where('service', $id)
    ->middleware('may:services');
Route::post('/services/{service}/score/take', [ScoreController::class, 'take'])->name('score.take')->where('service', $id)
    ->middleware('may:services');
Route::post('/services/{service}/score/say', [ScoreController::class, 'say'])->name('score.say')->where('service', $id)
    ->middleware('may:services');
Route::post('/services/{service}/score/unsay', [ScoreController::class, 'unsay'])->name('score.unsay')->where('service', $id)
    ->middleware('may:services');
Route::post('/services/{service}/score/stop', [ScoreController::class, 'stop'])->name('score.stop')->where('service', $id)
    ->middleware('may:services');
Route::get('/services/{service}/pass', [ServicePaperController::class, 'pass'])->name('services.pass')->where('service', $id);
Route::get('/services/{service}/shopping', [ServicePaperController::class, 'shopping'])->name('services.shopping')->where('service', $id);
Route::get('/services/{service}/pass.pdf', [ServicePaperController::class, 'passPdf'])->name('services.pass.pdf')
    ->where('service', $id);
Route::get('/services/{service}/shopping.pdf', [ServicePaperController::class, 'shoppingPdf'])->name('services.shopping.pdf')
    ->where('service', $id);
Route::get('/services/{service}/scaling', [ServicePaperController::class, 'scaling'])->name('services.scaling')->where('service', $id);

Route::get('/family/tree', [FamilyController::class, 'tree'])->name('family.tree');
Route::get('/family/have', SupplyController::class)->name('supply');
Route::get('/family/{sauce}', [FamilyController::class, 'show'])->name('family.show')->where('sauce', '[a-z0-9-]+');
Route::get('/family/{sauce}.{format}', [FamilyController::class, 'file'])->name('family.file')
    ->where('sauce', '[a-z0-9-]+')
    ->whereIn('format', RecipeFile::FORMATS);
Route::get('/family/{sauce}/acts', [ActsController::class, 'show'])->name('family.acts')->where('sauce', 'own-sauce-[0-9]{1,9}');
Route::post('/family/{sauce}/acts', [ActsController::class, 'store'])->where('sauce', 'own-sauce-[0-9]{1,9}')
    ->middleware(['may:sauces', 'throttle:made']);
Route::post('/family/{sauce}/acts/reset', [ActsController::class, 'reset'])->name('family.acts.reset')
    ->where('sauce', 'own-sauce-[0-9]{1,9}')->middleware('may:sauces');
Route::post('/family/{sauce}/own', [FamilyController::class, 'own'])->name('family.own')
    ->where('sauce', '[a-z0-9-]+')
    ->middleware(['throttle:made', SentOnce::class])
    ->middleware('may:sauces');
Route::post('/family/{sauce}/remove', [FamilyController::class, 'remove'])->name('family.remove')->where('sauce', '[a-z0-9-]+')
    ->middleware('may:bin');
Route::post('/family/{sauce}/cook', [FamilyController::class, 'cook'])->name('family.cook')
    ->where('sauce', '[a-z0-9-]+')
    ->middleware(['throttle:made', SentOnce::class])
    ->middleware('may:services');

Route::get('/learning', [LearningController::class, 'show'])->name('learning');
Route::post('/learning/{pot}', [LearningController::class, 'update'])->name('learning.update')->where('pot', $id)
    ->middleware('may:learning');

Route::get('/stove', [PotController::class, 'index'])->name('stove');
Route::view('/stove/new', 'pages.stove-empty')->name('stove.new');
Route::post('/pots', [PotController::class, 'store'])->name('pots.store')->middleware(['throttle:made', SentOnce::class])
    ->middleware('may:stove');
Route::get('/pots/{pot}', [PotController::class, 'show'])->name('pots.show')->where('pot', $id);
Route::get('/pots/{pot}/make', [MakeController::class, 'show'])->name('pots.make')->where('pot', $id);
Route::post('/pots/{pot}/make', [MakeController::class, 'store'])->where('pot', $id)
    ->middleware(['may:stove', 'throttle:made', SentOnce::class]);
Route::post('/pots/free', [PotController::class, 'free'])->name('pots.free')->middleware(['throttle:made', SentOnce::class])
    ->middleware('may:stove');
Route::post('/pots/{pot}/events', [PotEventController::class, 'store'])->name('pots.events')->where('pot', $id)
    ->middleware('may:stove');
Route::post('/pots/{pot}/events/batch', [PotEventController::class, 'batch'])->name('pots.batch')->where('pot', $id)
    ->middleware('may:stove');
Route::post('/elsewhere', [ElsewhereController::class, 'store'])->name('elsewhere')->middleware(['may:stove', 'throttle:made']);
Route::get('/elsewhere/{code}', [ElsewhereController::class, 'show'])->name('elsewhere.show')->where('code', '[A-Za-z2-9]{6}');
Route::get('/e/{code}', [ElsewhereController::class, 'go'])->name('elsewhere.go')->where('code', '[A-Za-z2-9]{6}');
Route::get('/guide/words', [GuideController::class, 'words'])->name('guide.words');
Route::get('/guide/{place}', [GuideController::class, 'show'])->name('guide')->where('place', '[a-z]+');
Route::get('/search', SearchController::class)->name('search');
Route::get('/pulse', PulseController::class)->name('pulse');
Route::view('/rail', 'pages.rail')->name('rail');

Route::get('/practice', [PracticeController::class, 'index'])->name('practice');
Route::post('/practice', [PracticeController::class, 'store'])->name('practice.store')
    ->middleware(['may:stove', 'throttle:made', SentOnce::class]);
Route::get('/practice/drills', [DrillController::class, 'show'])->name('practice.drills');
Route::post('/practice/drills', [DrillController::class, 'answer'])->name('practice.answer')
    ->middleware(['may:stove', SentOnce::class]);
Route::get('/practice/eye', [EyeController::class, 'show'])->name('practice.eye');
Route::post('/practice/eye', [EyeController::class, 'store'])->middleware('may:stove');
Route::post('/practice/eye/forget', [EyeController::class, 'forget'])->name('practice.forget')->middleware('may:stove');
Route::get('/practice/exercises', [ExerciseController::class, 'index'])->name('practice.exercises');
Route::post('/practice/exercises', [ExerciseController::class, 'store'])
    ->middleware(['may:people', 'throttle:made', SentOnce::class]);
Route::get('/practice/exercises.csv', [ExerciseController::class, 'csv'])->name('practice.exercises.csv')->middleware('may:people');
Route::get('/practice/exercises/{exercise}', [ExerciseController::class, 'show'])->name('practice.exercise')->where('exercise', $id);
Route::get('/practice/{practice}', [PracticeController::class, 'show'])->name('practice.show')->where('practice', $id);
Route::get('/practice/{practice}/ahead', [PracticeController::class, 'ahead'])->name('practice.ahead')->where('practice', $id);
Route::post('/practice/{practice}/deeds', [PracticeController::class, 'deed'])->name('practice.deed')->where('practice', $id)
    ->middleware('may:stove');
Route::post('/practice/{practice}/back', [PracticeController::class, 'back'])->name('practice.back')->where('practice', $id)
    ->middleware('may:stove');
Route::post('/practice/{practice}/finish', [PracticeController::class, 'finish'])->name('practice.finish')->where('practice', $id)
    ->middleware('may:stove');
Route::get('/practice/{practice}/debrief', [PracticeController::class, 'debrief'])->name('practice.debrief')->where('practice', $id);
Route::post('/practice/{practice}/again', [PracticeController::class, 'again'])->name('practice.again')->where('practice', $id)
    ->middleware(['may:stove', 'throttle:made', SentOnce::class]);
Route::post('/practice/exercises/{exercise}', [PracticeController::class, 'take'])->name('practice.take')->where('exercise', $id)
    ->middleware(['may:stove', 'throttle:made', SentOnce::class]);

Route::get('/pots/{pot}/keep', [PutAwayController::class, 'show'])->name('pots.keep')->where('pot', $id);
Route::post('/pots/{pot}/keep', [PutAwayController::class, 'store'])->where('pot', $id)
    ->middleware(['may:stove', 'throttle:made', SentOnce::class]);
Route::get('/keep', [KeepController::class, 'index'])->name('keep');
Route::get('/keep/record', RecordController::class)->name('keep.record');
Route::get('/keep/record.{format}', [RecordController::class, 'file'])->name('keep.record.file')
    ->whereIn('format', RecordController::FORMATS);
Route::post('/keep/record/seal', [RecordController::class, 'seal'])->name('keep.record.seal')->middleware('may:kitchen');
Route::get('/keep/waste', WasteController::class)->name('keep.waste');
Route::post('/keep/par', [WasteController::class, 'store'])->name('keep.par')->middleware('may:stove');
Route::get('/keep/labels', LabelController::class)->name('keep.labels');
Route::get('/keep/labels.pdf', [LabelController::class, 'pdf'])->name('keep.labels.pdf');
Route::get('/keep/tubs/{tub}', [KeepController::class, 'show'])->name('keep.tub')->where('tub', $id);
Route::get('/keep/tubs/{tub}/make', [MakeController::class, 'ofTub'])->name('keep.make')->where('tub', $id);
Route::post('/keep/tubs/{tub}/make', [MakeController::class, 'storeOfTub'])->where('tub', $id)
    ->middleware(['may:stove', 'throttle:made', SentOnce::class]);
Route::post('/keep/tubs/{tub}', [KeepController::class, 'store'])->where('tub', $id)
    ->middleware(['may:stove', 'throttle:made', SentOnce::class]);

Route::get('/rescue', [RescueController::class, 'index'])->name('rescue');
Route::get('/rescue/{fault}', [RescueController::class, 'show'])->name('rescue.show');
Route::post('/rescue/{fault}', [RescueController::class, 'store'])->name('rescue.store')
    ->middleware('may:stove');

Route::get('/log', [LogController::class, 'index'])->name('log');
Route::get('/log/lento-log.{format}', [LogFileController::class, 'out'])->name('log.out')->whereIn('format', ['csv', 'json']);
Route::post('/log/files', [LogFileController::class, 'in'])->name('log.in')
    ->middleware(['may:files', 'throttle:imports']);
Route::get('/log/{pot}/beside/{other}', [LogController::class, 'beside'])->name('log.beside')->where(['pot' => $id, 'other' => $id]);
Route::post('/log/{pot}/notes', [LogController::class, 'note'])->name('log.note')->where('pot', $id)
    ->middleware('may:stove');
Route::get('/log/{pot}', [LogController::class, 'show'])->name('log.show')->where('pot', $id);
Route::post('/log/imports/{import}/teach', [LogImportController::class, 'teach'])->name('imports.teach')
    ->where('import', $id)
    ->middleware('may:files');
Route::post('/log/imports/{import}/take-back', [LogImportController::class, 'takeBack'])->name('imports.back')
    ->where('import', $id)
    ->middleware('may:files');

Route::any('{nowhere}', NowhereController::class)->where('nowhere', '.*')->fallback();
