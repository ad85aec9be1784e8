<?php

declare(strict_types=1);

/* Prints which programs of tests/programs use each thing that a course writes, for docs/conformance.md. */

require dirname(__DIR__, 2).'/vendor/autoload.php';

const FEATURES = [
    'py' => [
        'comment, docstring' => '^\s*(?:#|""")', 'import of random, math, time' => '^(?:from|import) (?:random|math|time)', 'nib' => 'nib\.', 'assignment' => '^\s*\w+ = ', '`a, b = b, a`' => '^\s*\w+, \w+ = ',
        '`+= -=`' => '[+-]= ', '`*= /= //= %= **=`' => '(?:\*|/|//|%|\*\*)= ', '`global`' => '\bglobal ', 'whole numbers of any size' => '\*\* ?\d{2}|\d{12}', 'floats' => '\d\.\d', '`//` and `%`' => ' (?://|%) ', '`**`' => ' \*\* ',
        'comparisons' => ' (?:==|!=|<=|>=|<|>) ', 'chains' => '< \w+ <=? |<= \w+ <=? ', '`and or not`' => '\b(?:and|or|not)\b', '`in`' => 'if .* in |not in ', '`is None`' => 'is (?:not )?None', 'quotes of both kinds' => "'[^']*'", 'escapes' => '\\\\[nt"\\\\]', 'f-strings' => 'f"', 'f-string formats' => '\{[^}]*:[^}]*\}',
        'text `+` and `*`' => '" \* |\* "|" \+ | \+ "', '`len`' => 'len\(', 'index, negative index' => '\[-?\d+\]', 'slice' => '\[[^\]]*:[^\]]*\]', '`upper lower strip`' => '\.(?:upper|lower|strip)\(', '`split join`' => '\.(?:split|join)\(', '`replace find`' => '\.(?:replace|find)\(', '`str int float`' => '\b(?:str|int|float)\(',
        'list literal' => '= \[', '`append insert`' => '\.(?:append|insert)\(', '`pop remove`' => '\.(?:pop|remove)\(', '`sort reverse`' => '\.(?:sort|reverse)\(', '`index count`' => '\.(?:index|count)\(', '`sum min max`' => '\b(?:sum|min|max)\(', '`sorted`' => 'sorted\(', '`enumerate zip`' => '\b(?:enumerate|zip)\(', 'comprehension' => '\[[^\]]* for ', 'tuples' => '= \(\w+, |return [^,\n]+, ', 'dict' => '= \{', '`.get .items .keys .values`' => '\.(?:get|items|keys|values)\(',
        'for over range' => 'in range\(', 'for over a list or text' => '^\s*for \w+ in (?!range)', '`while`' => 'while ', '`while True`' => 'while True', '`break continue pass`' => '\b(?:break|continue|pass)\b', '`if elif else`' => '\belif\b', '`x if c else y`' => ' if .+ else ', '`def` and `return`' => '\breturn\b', 'defaults' => 'def \w+\([^)]*=', 'keyword arguments' => '\w\(.*\b\w+=[^=]', 'recursion' => '(?s)def (\w+)\(.*?\n(?:    .*\n|\n)*?    .*\b\1\(', '`lambda`' => 'lambda', '`print` with sep and end' => 'print\(.*(?:sep|end)=', '`input`' => 'input\(', '`randint choice`' => 'random\.\w+\(', '`sleep`' => 'sleep\(',
        'generator expression' => '\((?:[^()]|\([^()]*\))* for \w+ in ', 'slice with a step' => '\[[^\]\n]*:[^\]\n]*:[^\]\n]*\]', '`key=` `reverse=`' => 'key=|reverse=', '`any all`' => '\b(?:any|all)\(', '`map filter`' => '\b(?:map|filter)\(', '`math`' => '\bmath\.',
    ],
    'js' => [
        'comments' => '//|/\*', 'nib' => 'nib\.', '`let const`' => '\b(?:let|const) ', '`var`' => '\bvar ', 'assignment operators' => ' [+*/%-]= ', '`++ --`' => '\+\+|--', '`+ - * / %`' => ' [%/*] ', '`**`' => ' \*\* ', '`Math`' => 'Math\.', '`=== !==`' => '[=!]== ', '`== !=`' => ' [=!]= ', '`&& || !`' => '&&|\|\||!\w', 'quotes' => "'[^']*'", 'template literals' => '`', 'text `+`' => '" \+ | \+ "', '`.length`' => '\.length', 'index' => '\[\w+\]', '`toUpperCase toLowerCase`' => '\.to(?:Upper|Lower)Case', '`includes indexOf`' => '\.(?:includes|indexOf)\(', '`slice`' => '\.slice\(', '`split join`' => '\.(?:split|join)\(', '`trim replace`' => '\.(?:trim|replace)\(', '`padStart`' => '\.padStart', '`toFixed`' => '\.toFixed', '`String Number parseInt parseFloat`' => '\b(?:String|Number|parseInt|parseFloat)\(',
        'array literal' => '= \[', '`push pop`' => '\.(?:push|pop)\(', '`shift unshift`' => '\.(?:shift|unshift)\(', '`splice`' => '\.splice\(', '`concat`' => '\.concat\(', '`sort reverse`' => '\.(?:sort|reverse)\(', '`forEach`' => '\.forEach\(', '`map filter`' => '\.(?:map|filter)\(', 'spread' => '\[\.\.\.', '`for of`' => ' of ', '`.entries()`' => '\.entries\(', 'object literal' => '= \{', '`for`' => 'for \(let', '`while`' => '\bwhile \(', '`do while`' => '\bdo \{', '`break continue`' => '\b(?:break|continue)\b', '`if else if else`' => 'else if', '`?:`' => ' \? .* : ', '`switch`' => 'switch \(', '`function`' => 'function \w+\(', 'arrow function' => '=>', 'defaults' => 'function \w+\([^)]*=', '`return`' => '\breturn\b', '`console.log`' => 'console\.log', '`prompt`' => 'prompt\(', '`Math.random`' => 'Math\.random', '`sleep`' => 'sleep\(', '`undefined`' => 'undefined', '`null`' => '\bnull\b',
        '`some every reduce find`' => '\.(?:some|every|reduce|find)\(', 'comparison as texts' => '\.sort\(\)', 'radix' => 'toString\(\d+\)|parseInt\([^()]*, \d+\)', 'names of inner blocks' => '\{\s*(?:let|const) (\w+) = ',
    ],
    'cpp' => [
        'comments' => '//|/\*', 'includes' => '#include', 'nib' => 'nib\.', '`int double bool string char`' => '\b(?:double|bool|string|char) ', '`auto`' => '\bauto ', '`const`' => '\bconst ', '`long long`' => 'long long', 'initialisers with braces' => '\w\{\d', '`vector<T>`' => 'vector<', 'assignment operators' => ' [+*/%-]= ', '`++ --`' => '\+\+|--', 'division of ints' => ' / ', '`%`' => ' % ', '`pow sqrt`' => '\b(?:pow|sqrt)\(', 'comparisons' => ' (?:==|!=|<=|>=) ', '`&& || !`' => '&&|\|\||!\w', '`and or not`' => '\b(?:and|or|not)\b', 'text `+`' => '" \+ | \+ "', '`size length`' => '\.(?:size|length)\(', '`substr find`' => '\.(?:substr|find)\(', '`at []`' => '\.at\(|\[\w+\]', '`to_string stoi stod`' => '\b(?:to_string|stoi|stod)\(', '`toupper tolower`' => '\bto(?:upper|lower)\(', '`push_back pop_back`' => '\.(?:push|pop)_back', '`empty back front`' => '\.(?:empty|back|front)\(', '`insert erase`' => '\.(?:insert|erase)\(', '`sort reverse`' => '\b(?:sort|reverse)\(', '`map`' => 'map<', '`count` of a map' => '\.count\(', '`for`' => 'for \(int', 'range for' => 'for \([\w<>& ]+ : ', '`while`' => '\bwhile \(', '`do while`' => '\bdo \{', '`break continue`' => '\b(?:break|continue)\b', '`if else if else`' => 'else if', '`?:`' => ' \? .* : ', '`switch`' => 'switch \(', 'functions with types' => '^\w+ \w+\([^)]*\) \{', 'prototypes' => '^\w+ \w+\([^)]*\);', 'defaults' => '\w+ \w+ = [^;]*\) \{', 'references' => '&\s?\w+[,)]', 'recursion' => '(?s)\n\w+ (\w+)\([^)]*\) \{.*?\b\1\(.*?\n\}', 'lambda' => '\[&?\]\s*\(', '`cout`' => 'cout <<', '`cin`' => 'cin >>', '`getline`' => 'getline\(', '`rand`, `random_between`' => '\b(?:rand|random_between)\(',
        '`fixed setprecision setw`' => 'setprecision|setw\(', 'arrays' => '\b\w+\[\w*\] ?=|\w+ \w+\[\]', 'letters as numbers' => "- ?'[a0A]'|char \w = '", 'names of inner blocks' => '\{\s*int (\w+) = [^}]*\}\s*[^}]*\b\1\b',
    ],
];
const TITLES = ['py' => 'Python', 'js' => 'JavaScript', 'cpp' => 'C++'];

foreach (FEATURES as $ending => $features) {
    echo "\n## ".TITLES[$ending]."\n\n| feature | programs |\n|---|---|\n";
    $files = [...glob(dirname(__DIR__)."/programs/*.$ending") ?: [], ...glob(dirname(__DIR__)."/programs/only/*.$ending") ?: []];
    foreach ($features as $feature => $pattern) {
        $found = array_filter($files, static fn (string $file): bool => 1 === preg_match('~'.str_replace('~', '\~', $pattern).'~m', (string) file_get_contents($file)));
        $names = array_map(static fn (string $file): string => basename($file, ".$ending"), $found);
        echo "| $feature | ".([] === $names ? '**none**' : (count($names) > 5 ? implode(', ', array_slice($names, 0, 5)).' and '.(count($names) - 5).' more' : implode(', ', $names)))." |\n";
    }
}
