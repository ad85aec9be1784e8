<?php

declare(strict_types=1);

/* Steps a second, traced and untraced, beside python3 running the same text plain and with sys.settrace recording the same values. */

use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;

require dirname(__DIR__, 2).'/vendor/autoload.php';
ini_set('memory_limit', '2G');

const ROUNDS = 5;
const PROGRAMS = [
    'counting loop' => "total = 0\nfor number in range(60000):\n    total += number * 2 - 1\n    if total % 3 == 0:\n        last = total\n",
    'recursive function' => "def grown(weeks):\n    if weeks < 2:\n        return weeks\n    return grown(weeks - 1) + grown(weeks - 2)\n\n\nresult = grown(21)\n",
    'list sorting' => "beds = []\nseed = 7\nfor at in range(160):\n    seed = seed * 31 % 1009\n    beds.append(seed)\nfor end in range(159, 0, -1):\n    for at in range(end):\n        if beds[at] > beds[at + 1]:\n            kept = beds[at]\n            beds[at] = beds[at + 1]\n            beds[at + 1] = kept\n",
    'text joining' => "text = \"\"\nfor number in range(30000):\n    text = text + str(number % 10)\n    if len(text) > 60:\n        text = \"\"\n",
];
const RECORD = <<<'PYTHON'
    import sys, time
    sys.setrecursionlimit(5000)
    code = compile(open("program.py").read(), "program.py", "exec")
    begin = time.perf_counter()
    exec(code, {"__name__": "__main__"})
    plain = time.perf_counter() - begin
    steps, changes, last = [], [], {}
    def trace(frame, event, argument):
        if frame.f_code.co_filename != "program.py":
            return None
        if event == "line":
            steps.append(frame.f_lineno)
            for name, value in frame.f_locals.items():
                if value is not last.get(name):
                    last[name] = value
                    changes.append((len(steps), name, value))
        return trace
    begin = time.perf_counter()
    sys.settrace(trace)
    exec(code, {})
    sys.settrace(None)
    print(len(steps), plain, time.perf_counter() - begin)
    PYTHON;

$folder = sys_get_temp_dir().'/scrivlet-steps-'.bin2hex(random_bytes(4));
mkdir($folder);
file_put_contents("$folder/record.py", RECORD);
$middle = static function (array $values): float {
    sort($values);

    return (float) $values[intdiv(count($values), 2)];
};
foreach (PROGRAMS as $name => $text) {
    file_put_contents("$folder/program.py", $text);
    $program = Language::Python->read($text)->program;
    $seconds = ['traced' => [], 'untraced' => [], 'plain' => [], 'settrace' => []];
    $steps = 0;
    for ($round = 0; $round < ROUNDS; ++$round) {
        foreach (['traced' => true, 'untraced' => false] as $kind => $record) {
            $before = hrtime(true);
            $outcome = Runner::run($program, Language::Python, 1, new Limits(steps: 3000000, memory: 1000000000), $record);
            $seconds[$kind][] = (hrtime(true) - $before) / 1e9;
            $steps = $outcome->trace->moment;
            null === $outcome->error || exit("$name: {$outcome->error->kind}\n");
            unset($outcome);
        }
        [, $plain, $settrace] = explode(' ', (string) shell_exec("cd $folder && python3 record.py"));
        $seconds['plain'][] = (float) $plain;
        $seconds['settrace'][] = (float) $settrace;
    }
    $seconds = array_map($middle, $seconds);
    printf("Steps, %s (%d): traced %s a second, %.2f of python3 with sys.settrace (aim at least 1); untraced %s a second, %.1f times the time of plain python3 (aim 5)\n", $name, $steps, number_format($steps / $seconds['traced']), $seconds['settrace'] / $seconds['traced'], number_format($steps / $seconds['untraced']), $seconds['untraced'] / $seconds['plain']);
}
exec("rm -r $folder");

$program = Language::Python->read("total = 0\nwhile True:\n    total += 1\n    if total % 2 == 0:\n        even = total\n")->program;
$before = memory_get_usage();
$outcome = Runner::run($program, Language::Python, 1, new Limits(steps: 100000));
printf("Memory of a trace of %d steps: %.1f MB (aim 64)\n", $outcome->trace->moment, (memory_get_usage() - $before) / 1e6);
