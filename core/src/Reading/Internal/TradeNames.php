<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

/**
 * What the trade calls exercises, things and ways beside the names of the catalogue. `docs/engine.md` lists them.
 *
 * @internal
 */
final class TradeNames
{
    /** Words that say with what: the kind of thing that is looked for on the shelf. */
    public const KIT = [
        'resistance band' => 'band', 'mini band' => 'mini-loop', 'mini loop' => 'mini-loop', 'long loop' => 'long-loop',
        'flat band' => 'flat-band',
        'bands' => 'band', 'band' => 'band', 'banded' => 'band', 'tubes' => 'band', 'tube' => 'band', 'tubing' => 'band', 'loop' => 'band',
        'dumbbells' => 'dumbbell', 'dumbbell' => 'dumbbell', 'dumbells' => 'dumbbell', 'dumbell' => 'dumbbell', 'dbs' => 'dumbbell',
        'db' => 'dumbbell',
        'kettlebells' => 'kettlebell', 'kettlebell' => 'kettlebell', 'kbs' => 'kettlebell', 'kb' => 'kettlebell', 'bells' => 'kettlebell',
        'bell' => 'kettlebell', 'rucksack' => 'rucksack', 'ruck' => 'rucksack', 'backpack' => 'rucksack', 'pack' => 'rucksack',
        'bag' => 'rucksack',
        'towel' => 'towel', 'bottles' => 'object', 'bottle' => 'object', 'jug' => 'pourable', 'water jug' => 'pourable',
        // Nobody has these at home, or hardly; they are read so that it can be said.
        'barbell' => 'barbell', 'bb' => 'barbell', 'cable' => 'cable', 'machine' => 'machine', 'sandbag' => 'sandbag', 'straps' => 'straps',
    ];

    /** One word of the trade for one or more of ours. */
    public const WORDS = [
        'pushup' => 'push up', 'pressup' => 'push up', 'press up' => 'push up', 'situp' => 'sit up', 'stepup' => 'step up',
        'stepdown' => 'step down',
        'pullapart' => 'pull apart', 'kickback' => 'kick back', 'pulldown' => 'pull down', 'pushdown' => 'push down',
        'deadbug' => 'dead bug',
        'birddog' => 'bird dog', 'goodmorning' => 'good morning', 'splitsquat' => 'split squat', 'wallsit' => 'wall sit',
        'hipthrust' => 'hip thrust',
        'glutebridge' => 'glute bridge', 'walkout' => 'walk out', 'sidestep' => 'side step', 'pullover' => 'pullover',
        'pull over' => 'pullover',
        'rdl' => 'romanian deadlift', 'dl' => 'deadlift', 'dead lift' => 'deadlift', 'sdl' => 'suitcase deadlift',
        'ohp' => 'overhead press',
        'oh' => 'overhead', 'ext' => 'extension', 'tri' => 'tricep', 'bi' => 'bicep', 'lat raise' => 'lateral raise', 'rev' => 'reverse',
        'fwd' => 'forward', 'bulgarian' => 'rear foot elevated', 'bulgarians' => 'rear foot elevated split squat',
        'rfess' => 'rear foot elevated split squat',
        'bss' => 'rear foot elevated split squat', 'ffess' => 'front foot elevated split squat', 'sldl' => 'straight leg deadlift',
        'farmers' => 'farmer', 'waiters' => 'waiter', 'hs' => 'handstand', 'bor' => 'bent over row', 'bent row' => 'bent over row',
        'flye' => 'fly', 'flies' => 'fly', 'military' => 'military', 'ham' => 'hamstring', 'quads' => 'quad',
        'mtn climber' => 'mountain climber',
        'glutes' => 'glute', 'bw squat' => 'squat', 'sit to stands' => 'sit to stand', 'ghd' => 'ghd', 'sq' => 'squat',
        'elev' => 'elevated',
        'raised' => 'raised', 'jumping' => 'jump', 'lunging' => 'lunge', 'calves' => 'calf', 'marches' => 'marching',
        'march' => 'marching', 'bicep' => 'bicep',
    ];

    /** Names that the catalogue does not have, and the exercise they mean. */
    public const NAMES = [
        'rear foot elevated squat' => 'rear-foot-elevated-split-squat', 'elevated split squat' => 'rear-foot-elevated-split-squat',
        'stiff leg deadlift' => 'romanian-deadlift', 'straight leg deadlift' => 'romanian-deadlift',
        'staggered stance deadlift' => 'staggered-romanian-deadlift', 'b stance romanian deadlift' => 'staggered-romanian-deadlift',
        'kickstand romanian deadlift' => 'staggered-romanian-deadlift',
        'staggered stance romanian deadlift' => 'staggered-romanian-deadlift',
        'single leg deadlift' => 'single-leg-romanian-deadlift', 'hip hinge' => 'romanian-deadlift',
        'farmer walk' => 'farmer-carry', 'suitcase walk' => 'suitcase-carry', 'waiter walk' => 'overhead-carry',
        'waiter carry' => 'overhead-carry',
        'suitcase hold' => 'suitcase-carry', 'front rack squat' => 'rack-squat', 'front squat' => 'rack-squat',
        'swing' => 'kettlebell-swing', 'double arm swing' => 'kettlebell-swing', 'russian swing' => 'kettlebell-swing',
        'single arm floor press' => 'one-arm-floor-press', 'strict press' => 'overhead-press', 'z press' => '',
        'chest press' => '', 'shoulder press' => 'overhead-press', 'lateral lunge' => 'lateral-lunge', 'back lunge' => 'reverse-lunge',
        'bent over dumbbell row' => 'bent-over-row', 'single arm row' => 'one-arm-row', 'bent over row' => 'bent-over-row',
        'bent over fly' => 'reverse-fly', 'bent over reverse fly' => 'reverse-fly', 'rear delt fly' => 'reverse-fly',
        'rear delt raise' => 'reverse-fly',
        'reverse flye' => 'reverse-fly', 'chest flye' => 'floor-fly', 'skull crusher' => 'lying-triceps-extension',
        'skullcrusher' => 'lying-triceps-extension',
        'tricep extension' => '', 'overhead extension' => 'overhead-triceps-extension', 'tricep kick back' => 'triceps-kickback',
        'tricep dip' => 'chair-dip', 'bench dip' => 'chair-dip', 'body weight squat' => 'squat', 'chair squat' => 'box-squat',
        'push up from knee' => 'knee-push-up', 'push up knee' => 'knee-push-up', 'kneeling push up' => 'knee-push-up',
        'half push up' => 'knee-push-up',
        'hand elevated push up' => 'push-up', 'incline push up' => 'push-up', 'feet elevated push up' => 'decline-push-up',
        'close grip push up' => 'narrow-push-up',
        'tricep push up' => 'narrow-push-up', 'pike press' => 'pike-push-up', 'glute bridge hold' => 'bridge-hold',
        'plank hold' => 'forearm-plank', 'front plank' => 'forearm-plank',
        'side plank hold' => 'side-plank', 'high plank hold' => 'high-plank', 'shoulder tap' => 'plank-shoulder-tap',
        'plank tap' => 'plank-shoulder-tap', 'plank shoulder tap' => 'plank-shoulder-tap',
        'anti rotation press' => 'band-anti-rotation-press',
        'hollow' => 'hollow-hold', 'hollow body hold' => 'hollow-hold', 'cat cow' => 'spine-wave', 'cat camel' => 'spine-wave',
        'high knee' => 'marching-on-the-spot', 'bear crawl' => 'animal-walks', 'inch worm' => 'walk-out', 'arm circle' => 'arm-circle',
        'calf raise' => 'calf-raise', 'calf' => 'calf-raise', 'hamstring curl' => 'towel-leg-curl', 'leg curl' => 'towel-leg-curl',
        'sliding hamstring curl' => 'towel-leg-curl', 'hamstring slide' => 'towel-leg-curl', 'wood chop' => '',
        'russian twist' => 'seated-floor-twist',
        'face pull' => '', 'renegade row' => 'plank-row', 'australian row' => 'inverted-row',
        'chair stand' => 'sit-to-stand', 'get up' => '', 'turkish get up' => '', 'sumo squat' => 'wide-squat',
        'squat to press' => 'thruster',
        'goblet' => 'goblet-squat', 'step up knee drive' => 'step-up-with-knee', 'step up knee raise' => 'step-up-with-knee',
        'half kneeling overhead press' => 'half-kneeling-press', 'y raise' => 'prone-raise', 'glute stretch' => 'seat-stretch',
        'monster walk' => 'band-side-step', 'side walk' => 'band-side-step', 'crab walk' => 'crab-walk',
        'lateral walk' => 'band-side-step', 'hip abduction' => 'standing-hip-abduction', 'box step up' => 'step-up',
        'split lunge' => 'split-squat',
        'wall squat' => 'wall-sit', 'air squat' => 'squat', 'glute kick back' => 'kneeling-kick-back', 'fire hydrant' => '',
        'push press' => 'push-press', 'upright row' => 'upright-row', 'bicycle' => 'bicycle-crunch', 'ab bicycle' => 'bicycle-crunch',
    ];

    /** Of a family named alone, the one that is meant unless something else is said. */
    public const FAMILIES = [
        'row' => 'bent-over-row', 'curl' => 'biceps-curl', 'lunge' => 'reverse-lunge', 'deadlift' => 'romanian-deadlift',
        'bridge' => 'glute-bridge',
        'carry' => 'farmer-carry', 'step up' => 'step-up', 'dip' => 'chair-dip', 'plank' => 'forearm-plank',
        'kick back' => 'triceps-kickback',
        'fly' => 'floor-fly', 'hinge' => 'romanian-deadlift', 'crunch' => 'crunch', 'pull apart' => 'band-pull-apart',
        'march' => 'marching-on-the-spot', 'twist' => 'seated-floor-twist',
    ];

    /** Of a family named alone where two or three are as likely: it is asked. */
    public const ASKED = [
        'press' => ['overhead-press', 'floor-press', 'push-up'], 'raise' => ['lateral-raise', 'front-raise', 'calf-raise'],
        'extension' => ['overhead-triceps-extension', 'back-extension', 'lying-triceps-extension'],
        'tricep extension' => ['overhead-triceps-extension', 'lying-triceps-extension', 'triceps-kickback'],
        'tricep' => ['triceps-kickback', 'overhead-triceps-extension', 'chair-dip'], 'bicep' => ['biceps-curl', 'hammer-curl'],
        'pull down' => ['kneeling-pull-down', 'straight-arm-pull-down', 'prone-pull-down'],
        'lat pull down' => ['kneeling-pull-down', 'straight-arm-pull-down', 'prone-pull-down'],
        'back squat' => ['rucksack-squat', 'goblet-squat', 'squat'], 'squat hold' => ['wall-sit', 'squat', 'goblet-squat'],
        'chest press' => ['floor-press', 'band-chest-press', 'push-up'], 'bench press' => ['floor-press', 'push-up', 'band-chest-press'],
        'bench' => ['floor-press', 'push-up', 'chair-dip'],
        'wood chop' => ['weight-chop', 'band-chop', 'band-lift'], 'chop' => ['weight-chop', 'band-chop', 'seated-weight-chop'],
        'face pull' => ['reverse-fly', 'band-pull-apart', 'wide-row'],
        'pull up' => ['inverted-row', 'kneeling-pull-down', 'towel-door-row'],
        'chin up' => ['inverted-row', 'kneeling-pull-down', 'towel-door-row'],
        'leg raise' => ['straight-leg-raise', 'side-lying-leg-raise', 'reverse-crunch'],
        'leg press' => ['squat', 'goblet-squat', 'split-squat'], 'leg extension' => ['seated-knee-extension', 'squat', 'split-squat'],
        'twist' => ['seated-floor-twist', 'band-twist', 'seated-twist'],
        'kick back' => ['triceps-kickback', 'standing-kick-back', 'kneeling-kick-back'],
        'band press' => ['band-chest-press', 'overhead-press', 'band-anti-rotation-press'],
    ];

    /** A way of doing that is an exercise of its own here. */
    public const WAYS = [
        'push-up' => ['knees' => 'knee-push-up', 'feet-up' => 'decline-push-up', 'wall' => 'wall-push-up'],
        'narrow-push-up' => ['knees' => 'knee-push-up', 'wall' => 'diamond-wall-lean'],
        'forearm-plank' => ['knees' => 'knee-plank', 'wall' => 'wall-plank'],
        'high-plank' => ['knees' => 'knee-plank', 'wall' => 'wall-plank'],
        'side-plank' => ['knees' => 'knee-side-plank'],
        'glute-bridge' => ['feet-up' => 'feet-raised-glute-bridge', 'on' => 'feet-raised-glute-bridge'],
        'split-squat' => ['feet-up' => 'rear-foot-elevated-split-squat'],
        'calf-raise' => ['on' => 'step-calf-raise'],
        'squat' => ['wall' => 'wall-sit', 'on' => 'box-squat'],
    ];

    /** A way that is the exercise itself, with something under the hands. */
    public const ALREADY = ['push-up' => ['hands-up',
        'on'], 'chair-dip' => ['on'], 'step-up' => ['on'], 'hip-thrust' => ['on'], 'inverted-row' => ['on'],
        'rear-foot-elevated-split-squat' => ['on', 'feet-up'], 'box-squat' => ['on'], 'sit-to-stand' => ['on', 'from'],
        'decline-push-up' => ['on', 'feet-up']];

    /** Words between others that name nothing. */
    public const FILLERS = [
        'the', 'a', 'an', 'of', 'with', 'w', 'on', 'at', 'from', 'in', 'to', 'for', 'your', 'her', 'his', 'my', 'it', 'is', 'be', 'do',
        'x', 's', 'i',
        'some', 'just', 'same', 'again', 'also', 'by', 'as', 'per', 'each', 'side', 'all', 'both', 'this', 'that', 'these', 'those',
        'per', 'set',
        'sets', 'reps', 'rep', 'round', 'rounds', 'exercise', 'exercises', 'between', 'total', 'or', 'and', 'then', 'begin', 'start',
        'starting',
        'session', 'today', 'workout', 'day', 'will', 'we', 'she', 'he', 'they', 'you', 'can', 'if', 'no', 'not', 'dont', 'when',
        'until', 'so',
    ];

    /** Words of cues and remarks: how, not what and not how much. */
    public const CUES = [
        'keep', 'chest', 'back', 'flat', 'tall', 'tight', 'brace', 'braced', 'neutral', 'spine', 'core', 'elbows', 'elbow', 'knees',
        'knee', 'heels', 'heel',
        'toes', 'hips', 'hip', 'shoulders', 'shoulder', 'head', 'neck', 'chin', 'ribs', 'glutes', 'squeeze', 'control', 'controlled',
        'slow', 'smooth', 'steady',
        'nice', 'easy', 'deep', 'full', 'range', 'rom', 'explosive', 'explode', 'drive', 'push', 'pull', 'breathe', 'breath', 'exhale',
        'inhale', 'out', 'up', 'down',
        'form', 'focus', 'watch', 'mind', 'careful', 'remember', 'think', 'feel', 'good', 'clean', 'strict', 'quality', 'soft', 'light',
        'relaxed', 'long',
        'low', 'high', 'wide', 'narrow', 'close', 'apart', 'together', 'straight', 'bent', 'level', 'grip', 'stance', 'weight', 'hands',
        'hand', 'feet', 'foot',
        'floor', 'wall', 'top', 'bottom', 'ok', 'okay', 'fine', 'well', 'more', 'less', 'only', 'first', 'last', 'time', 'slowly',
        'quick', 'quickly', 'fast',
        'rest', 'pause', 'hold', 'stop', 'touch', 'reach', 'stay', 'look', 'eyes', 'forward', 'arms', 'arm', 'legs', 'leg', 'bum',
        'tummy', 'belly', 'lats', 'abs',
        'sore', 'pain', 'twinge', 'note', 'nb', 'cue', 'cues', 'option', 'optional', 'pls', 'please', 'great', 'much', 'too', 'very',
        'bit', 'little', 'real',
        'under', 'over', 'behind', 'front', 'line', 'way', 'body', 'water', 'music', 'new', 'pb', 'try', 'lower', 'raise', 'lift',
        'tempo', 'like', 'about',
        'heavy', 'hard', 'strong', 'technique', 'pace', 'speed', 'warm', 'everything', 'anything', 'shallow', 'even', 'still', 'quiet',
        'reset', 'dead', 'lock', 'sit', 'bum', 'brisk', 'cold', 'hot', 'tired', 'walk',
    ];
}
