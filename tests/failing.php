<?php

declare(strict_types=1);

// Programs that stop while they run: text, and what the real machine calls it.
return [
    'python' => [
        ["print('begin')\nprint(1 / 0)\n", 'ZeroDivisionError'],
        ["print(7 // 0)\n", 'ZeroDivisionError'],
        ["print(7 % 0)\n", 'ZeroDivisionError'],
        ["print(7.5 / (3 - 3))\n", 'ZeroDivisionError'],
        ["beds = [1, 2]\nprint(beds[0])\nprint(beds[2])\n", 'IndexError'],
        ["beds = []\nprint(beds[-1])\n", 'IndexError'],
        ["beds = []\nbeds.pop()\n", 'IndexError'],
        ["word = 'pea'\nprint(word[9])\n", 'IndexError'],
        ["counts = {'bean': 1}\nprint(counts['kale'])\n", 'KeyError'],
        ["print(int('many'))\n", 'ValueError'],
        ["print(float('x'))\n", 'ValueError'],
        ["beds = [3]\nbeds.remove(4)\n", 'ValueError'],
        ["print([1, 2].index(9))\n", 'ValueError'],
        ["print(max([]))\n", 'ValueError'],
        ["first, last = 'a b c'.split()\n", 'ValueError'],
        ["label = input()\n", 'EOFError'],
        ["def dig(depth):\n    return dig(depth + 1)\n\nprint(dig(1))\n", 'RecursionError'],
        ["total = 'a'\nnumber = 3\nfor i in range(2):\n    total = number\nprint('x' + str(total))\nvalue = [1, 'a']\nprint(value[0] + value[1])\n", 'TypeError'],
        ["beds = [4, 5]\nprint(beds[0] - len(beds))\nnames = ['a', 5]\nprint(names[0] - 1)\n", 'TypeError'],
        ["print(10.0 ** 400)\n", 'OverflowError'],
        ["for i in range(1, 9, 0):\n    print(i)\n", 'ValueError'],
        ["def sow(beds):\n    if beds > 3:\n        return 1\n\nprint(sow(1) + 2)\n", 'TypeError'],
        ["from scrivlet import nib\nnib.ink('rose')\ncolour = 'ro' + 'sy'\nnib.ink(colour)\n", 'ValueError'],
        ["from scrivlet import nib\nfor size in range(190, 300, 20):\n    nib.width(size)\n", 'ValueError'],
        ["if 3 > 5:\n    bed = 1\nprint(bed)\n", 'NameError'],
    ],
    'javascript' => [
        ["function dig(depth) {\n  return dig(depth + 1);\n}\nconsole.log(dig(1));\n", 'RangeError'],
        ["const beds = [[1]];\nconsole.log(beds[0].length);\nconsole.log(beds[4].length);\n", 'TypeError'],
        ["const names = ['bean'];\nconsole.log(names[0].toUpperCase());\nconsole.log(names[3].toUpperCase());\n", 'TypeError'],
    ],
    'cpp' => [
        ["#include <iostream>\n#include <string>\nusing namespace std;\n\nint main() {\n    cout << stoi(\"12\") << endl;\n    cout << stoi(\"many\") << endl;\n}\n", 'std::invalid_argument'],
        ["#include <iostream>\n#include <vector>\nusing namespace std;\n\nint main() {\n    vector<int> beds = {1, 2};\n    cout << beds.at(1) << endl;\n    cout << beds.at(2) << endl;\n}\n", 'std::out_of_range'],
        ["#include <iostream>\n#include <map>\n#include <string>\nusing namespace std;\n\nint main() {\n    map<string, int> counts;\n    counts[\"bean\"] = 2;\n    cout << counts.at(\"kale\") << endl;\n}\n", 'std::out_of_range'],
    ],
];
