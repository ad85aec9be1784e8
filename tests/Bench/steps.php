<?php

declare(strict_types=1);

/* Traced moments a second, beside python3 recording the same values of the printed program with sys.settrace. */

use Scrivlet\Core\Edit\Editor;
use Scrivlet\Core\Language\Language;
use Scrivlet\Core\Run\Limits;
use Scrivlet\Core\Run\Runner;
use Scrivlet\Core\Tree\Program;

require dirname(__DIR__, 2).'/vendor/autoload.php';
ini_set('memory_limit', '1G');

const TURNS = 60000;
const ROUNDS = 5;

$program = Program::empty();
$do = static function (Closure $edit) use (&$program): int {
    $edited = $edit(new Editor($program));
    $program = $edited->program;

    return $edited->rows[0] ?? 0;
};
$total = $do(static fn (Editor $editor) => $editor->insert(1, 'body', 0, 'set'));
$do(static fn (Editor $editor) => $editor->fill($total, 'variable', 'total'));
$loop = $do(static fn (Editor $editor) => $editor->insert(1, 'body', 1, 'count'));
$do(static fn (Editor $editor) => $editor->fill($loop, 'to', (string) TURNS));
$change = $do(static fn (Editor $editor) => $editor->insert($loop, 'body', 0, 'change'));
$do(static fn (Editor $editor) => $editor->fill($change, 'variable', 'total'));
$do(static fn (Editor $editor) => $editor->fill($change, 'amount', 'number * 2 - 1'));
$if = $do(static fn (Editor $editor) => $editor->insert($loop, 'body', 1, 'if'));
$do(static fn (Editor $editor) => $editor->fill($if, 'condition0', 'total % 3 = 0'));
$set = $do(static fn (Editor $editor) => $editor->insert($if, 'then0', 0, 'set'));
$do(static fn (Editor $editor) => $editor->fill($set, 'variable', 'last'));
$do(static fn (Editor $editor) => $editor->fill($set, 'value', 'total'));

$folder = sys_get_temp_dir().'/scrivlet-steps-'.bin2hex(random_bytes(4));
mkdir($folder);
file_put_contents("$folder/program.py", Language::Python->print($program)->text());
file_put_contents("$folder/record.py", <<<'PYTHON'
    import sys, time
    code = compile(open("program.py").read(), "program.py", "exec")
    steps, changes, last, names = [], [], {}, ("total", "number", "last")
    def trace(frame, event, argument):
        if frame.f_code.co_filename != "program.py":
            return None
        if event == "line":
            steps.append(frame.f_lineno)
            values = frame.f_globals
            for name in names:
                if name in values and values[name] is not last.get(name):
                    last[name] = values[name]
                    changes.append((len(steps), name, values[name]))
        return trace
    begin = time.perf_counter()
    sys.settrace(trace)
    exec(code, {"__name__": "__main__"})
    sys.settrace(None)
    print(len(steps), len(changes), time.perf_counter() - begin)
    PYTHON);
$ours = $theirs = [];
for ($round = 0; $round < ROUNDS; ++$round) {
    $before = hrtime(true);
    $outcome = Runner::run($program, Language::Python, 1, new Limits(steps: 1000000));
    $ours[] = $outcome->trace->moment / ((hrtime(true) - $before) / 1e9);
    [$steps, $changes, $seconds] = explode(' ', (string) shell_exec("cd $folder && python3 record.py"));
    $theirs[] = (int) $steps / (float) $seconds;
}
exec("rm -r $folder");
sort($ours);
sort($theirs);
$middle = intdiv(ROUNDS, 2);
printf("Traced moments a second: Scrivlet %s (%d moments, %d values), python3 with sys.settrace %s (%d lines, %d values); ratio %.2f, aim at least 1\n", number_format($ours[$middle]), $outcome->trace->moment, count($outcome->trace->changes) / 3, number_format($theirs[$middle]), $steps, $changes, $ours[$middle] / $theirs[$middle]);
