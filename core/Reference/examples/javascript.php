<?php

declare(strict_types=1);

// Small programs for what JavaScript alone, or best, can say; what they have to bring in is added.
return [
    'for' => "for (let seeds = 1; seeds < 50; seeds *= 3) {\n  console.log(seeds);\n}",
    'do_while' => "let cans = 3;\ndo {\n  console.log(cans);\n  cans -= 1;\n} while (cans > 0);",
    'trunc_remainder' => "let depth = -7;\nconsole.log(depth % 2);",
    'change_trunc_remainder' => "let depth = -7;\ndepth %= 2;\nconsole.log(depth);",
    'change_item_trunc_remainder' => "const depths = [-7, 4];\ndepths[0] %= 2;\nconsole.log(depths);",
    'operation.rounded' => 'console.log(Math.round(2.5));',
    'operation.leading_number' => 'console.log(parseFloat("2.5"));',
    'operation.drop_range' => "const beds = [\"pea\", \"bean\", \"kale\", \"leek\"];\nbeds.splice(1, 2);\nconsole.log(beds);",
    'operation.alike' => 'console.log("2" == 2);',
    'operation.identical' => "const beds = [1, 2];\nconst others = beds;\nconsole.log(beds === others);",
    'operation.is_whole' => 'console.log(Number.isInteger(2.5));',
    'operation.merged' => "const seeds = { pea: 12 };\nconst all = { ...seeds, bean: 8 };\nconsole.log(all);",
];
