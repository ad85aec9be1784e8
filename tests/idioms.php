<?php

declare(strict_types=1);

// What courses write in one language, and how another one says it: language, text, other language, its text.
return [
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            long long big = 3000000000LL;
            cout << big * 2 << endl;
        }
        TEXT, 'python', <<<'TEXT'
        big = 3000000000
        print(big * 2)
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            char c = 'a';
            c++;
            cout << c << endl;
        }
        TEXT, 'python', <<<'TEXT'
        c = "a"
        c = chr(ord(c) + 1)
        print(c)
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            for (char d = 'a'; d <= 'e'; d++) {
                cout << d;
            }
        }
        TEXT, 'javascript', <<<'TEXT'
        import { lettersBetween } from "./scrivlet.js";

        for (const d of lettersBetween("a", "e")) {
            process.stdout.write(d);
        }
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            double x = 2.5;
            cout << fixed << setprecision(2) << x << setw(6) << 7 << endl;
        }
        TEXT, 'python', <<<'TEXT'
        x = 2.5
        print(format(x, ".2f") + format(7, "6"))
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            double x = 2.5;
            cout << fixed << setprecision(1) << x << endl;
        }
        TEXT, 'javascript', <<<'TEXT'
        const x = 2.5;
        console.log(x.toFixed(1));
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            int beds[3] = {1, 2};
            beds[0] += 4;
            cout << beds[2] << endl;
        }
        TEXT, 'python', <<<'TEXT'
        beds = [1, 2, 0]
        beds[0] += 4
        print(beds[2])
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            vector<vector<int>> grid(2, vector<int>(3, 0));
            cout << grid.size() << endl;
        }
        TEXT, 'python', <<<'TEXT'
        grid = [[0] * 3 for turn in range(2)]
        print(len(grid))
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            vector<int> a = {1};
            vector<int> b = a;
            b.push_back(2);
            cout << a.size() << endl;
        }
        TEXT, 'python', <<<'TEXT'
        a = [1]
        b = a.copy()
        b.append(2)
        print(len(a))
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            vector<int> beds = {1, 2};
            for (int& bed : beds) {
                bed *= 2;
            }
            cout << beds[0] << endl;
        }
        TEXT, 'python', <<<'TEXT'
        beds = [1, 2]
        for at in range(len(beds)):
            beds[at] *= 2
        print(beds[0])
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            string s = "pea";
            s[0] = 't';
            cout << s << endl;
        }
        TEXT, 'javascript', <<<'TEXT'
        import { withLetter } from "./scrivlet.js";

        let s = "pea";
        s = withLetter(s, 0, "t");
        console.log(s);
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            string s = "pea";
            s.erase(0, 1);
            s.insert(1, "x");
            cout << s << endl;
        }
        TEXT, 'python', <<<'TEXT'
        s = "pea"
        s = s[1:]
        s = s[:1] + "x" + s[1:]
        print(s)
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            string s = "pea";
            if (s.find("x") == string::npos) {
                cout << s.substr(1) << endl;
            }
        }
        TEXT, 'python', <<<'TEXT'
        s = "pea"
        if s.find("x") == -1:
            print(s[1:])
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            map<string, int> m = {{"a", 1}};
            for (auto& p : m) {
                cout << p.first << p.second << endl;
            }
        }
        TEXT, 'python', <<<'TEXT'
        m = {"a": 1}
        for key, value in sorted(m.items()):
            print(f"{key}{value}")
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            int x = 1;
            if (x > 0) {
                int x = 2;
                cout << x << endl;
            }
            cout << x << endl;
        }
        TEXT, 'javascript', <<<'TEXT'
        const x = 1;
        if (x > 0) {
            const x_2 = 2;
            console.log(x_2);
        }
        console.log(x);
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            int n = 2;
            switch (n) {
                case 1:
                case 2:
                    cout << "few" << endl;
                    break;
                default:
                    cout << "many" << endl;
            }
        }
        TEXT, 'python', <<<'TEXT'
        n = 2
        if n == 1 or n == 2:
            print("few")
        else:
            print("many")
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            int n = 0;
            for (;;) {
                n++;
                if (n > 3) {
                    break;
                }
            }
        }
        TEXT, 'python', <<<'TEXT'
        n = 0
        while True:
            n += 1
            if n > 3:
                break
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            vector<string> names = {"oak"};
            sort(names.begin(), names.end(), [](const string& a, const string& b) { return a.size() < b.size(); });
        }
        TEXT, 'python', <<<'TEXT'
        names = ["oak"]
        names.sort(key=lambda a: len(a))
        TEXT],
    ['cpp', <<<'TEXT'
        #include <algorithm>
        #include <iomanip>
        #include <iostream>
        #include <map>
        #include <vector>
        using namespace std;

        int main() {
            int a, b;
            a = b = 3;
            cout << a << b << endl;
        }
        TEXT, 'python', <<<'TEXT'
        a = b = 3
        print(f"{a}{b}")
        TEXT],
    ['javascript', <<<'TEXT'
        const beds = [3, 10];
        beds.sort();
        console.log(beds);
        TEXT, 'python', <<<'TEXT'
        beds = [3, 10]
        beds.sort(key=str)
        print(beds)
        TEXT],
    ['javascript', <<<'TEXT'
        const beds = [3, 10];
        beds.sort((a, b) => b - a);
        console.log(beds);
        TEXT, 'python', <<<'TEXT'
        beds = [3, 10]
        beds.sort(reverse=True)
        print(beds)
        TEXT],
    ['javascript', <<<'TEXT'
        const plants = [{ name: "fern", height: 8 }];
        plants.sort((a, b) => a.height - b.height);
        console.log(plants.map((plant) => plant.name));
        TEXT, 'python', <<<'TEXT'
        plants = [{"name": "fern", "height": 8}]
        plants.sort(key=lambda a: a["height"])
        print([plant["name"] for plant in plants])
        TEXT],
    ['javascript', <<<'TEXT'
        const beds = [3, 10];
        console.log(beds.some((bed) => bed > 5), beds.every((bed) => bed > 5));
        TEXT, 'python', <<<'TEXT'
        beds = [3, 10]
        print(any(bed > 5 for bed in beds), all(bed > 5 for bed in beds))
        TEXT],
    ['javascript', <<<'TEXT'
        const beds = [3, 10];
        beds.forEach((bed, place) => {
            console.log(place, bed);
        });
        TEXT, 'python', <<<'TEXT'
        beds = [3, 10]
        for place, bed in enumerate(beds):
            print(place, bed)
        TEXT],
    ['javascript', <<<'TEXT'
        const beds = [3, 10];
        beds.forEach((bed) => console.log(bed));
        TEXT, 'cpp', <<<'TEXT'
        #include <iostream>
        #include <vector>
        using namespace std;

        int main() {
            vector<int> beds = {3, 10};
            for (int bed : beds) {
                cout << bed << endl;
            }
        }
        TEXT],
    ['javascript', <<<'TEXT'
        console.log(Array.from({ length: 3 }, (_, place) => place * place));
        TEXT, 'python', <<<'TEXT'
        print([place * place for place in range(3)])
        TEXT],
    ['javascript', <<<'TEXT'
        const size = "3";
        console.log(size == 3, size === "3");
        TEXT, 'python', <<<'TEXT'
        from scrivlet import alike

        size = "3"
        print(alike(size, 3), size == "3")
        TEXT],
    ['javascript', <<<'TEXT'
        const half = function (n) {
            return n / 2;
        };
        console.log(half(3));
        TEXT, 'python', <<<'TEXT'
        def half(n):
            return n / 2


        print(half(3))
        TEXT],
    ['javascript', <<<'TEXT'
        const base = { size: 3 };
        console.log({ ...base, name: "x" });
        TEXT, 'python', <<<'TEXT'
        base = {"size": 3}
        print(base | {"name": "x"})
        TEXT],
    ['javascript', <<<'TEXT'
        console.log((255).toString(16), parseInt("101", 2), "abc".split(""));
        TEXT, 'python', <<<'TEXT'
        from scrivlet import in_base

        print(in_base(255, 16), int("101", 2), list("abc"))
        TEXT],
    ['javascript', <<<'TEXT'
        let count = 1;
        for (const count of [7, 8]) {
            console.log(count);
        }
        console.log(count);
        TEXT, 'python', <<<'TEXT'
        count = 1
        for count_2 in [7, 8]:
            print(count_2)
        print(count)
        TEXT],
    ['python', <<<'TEXT'
        point = (3, 4)
        print(point[0], (1,))
        TEXT, 'javascript', <<<'TEXT'
        const point = [3, 4];
        console.log(point[0], [1]);
        TEXT],
    ['python', <<<'TEXT'
        word = "watering"
        print(word[::-1], word[::2])
        TEXT, 'javascript', <<<'TEXT'
        import { backwards, stepped } from "./scrivlet.js";

        const word = "watering";
        console.log(backwards(word), stepped(word, null, null, 2));
        TEXT],
    ['python', <<<'TEXT'
        word = "watering"
        print(word[2:5], word[:3], word[-2:])
        TEXT, 'cpp', <<<'TEXT'
        #include "scrivlet.hpp"

        int main() {
            string word = "watering";
            cout << slice(word, 2, 5) << " " << word.substr(0, 3) << " " << slice(word, -2) << endl;
        }
        TEXT],
    ['python', <<<'TEXT'
        beds = [1, 2]
        print(sum(bed * 2 for bed in beds), any(bed > 1 for bed in beds))
        TEXT, 'javascript', <<<'TEXT'
        import { total } from "./scrivlet.js";

        const beds = [1, 2];
        console.log(total(beds.map((bed) => bed * 2)), beds.some((bed) => bed > 1));
        TEXT],
    ['python', <<<'TEXT'
        beds = [1, 2]
        beds += [3]
        print(*beds, sep="-")
        TEXT, 'javascript', <<<'TEXT'
        const beds = [1, 2];
        beds.push(...[3]);
        console.log(beds.map((item) => String(item)).join("-"));
        TEXT],
    ['python', <<<'TEXT'
        words = ["pear", "fig"]
        words.sort(key=len)
        print(sorted(words, reverse=True), max(words, key=len))
        TEXT, 'javascript', <<<'TEXT'
        import { greatestBy, sortBy } from "./scrivlet.js";

        const words = ["pear", "fig"];
        sortBy(words, (item) => item.length);
        console.log([...words].sort().reverse(), greatestBy(words, (item) => item.length));
        TEXT],
    ['python', <<<'TEXT'
        for place, bed in enumerate(["a", "b"], 1):
            print(place, bed)
        TEXT, 'cpp', <<<'TEXT'
        #include "scrivlet.hpp"

        int main() {
            for (auto [place, bed] : numbered(vector<string>{"a", "b"}, 1)) {
                cout << place << " " << bed << endl;
            }
        }
        TEXT],
    ['python', <<<'TEXT'
        print([x + y for x in range(3) for y in range(2)])
        TEXT, 'javascript', <<<'TEXT'
        import { numbers } from "./scrivlet.js";

        console.log(numbers(0, 3, 1).map((x) => numbers(0, 2, 1).map((y) => x + y)).flat());
        TEXT],
    ['python', <<<'TEXT'
        print({word: len(word) for word in ["pea"]}, dict(zip(["a"], [1])))
        TEXT, 'javascript', <<<'TEXT'
        import { paired } from "./scrivlet.js";

        console.log(Object.fromEntries(["pea"].map((word) => [word, word.length])), Object.fromEntries(paired(["a"], [1])));
        TEXT],
    ['python', <<<'TEXT'
        import math as m
        print(m.hypot(3, 4), m.gcd(12, 18), m.log10(1000))
        TEXT, 'cpp', <<<'TEXT'
        #include "scrivlet.hpp"

        int main() {
            cout << hypot(3, 4) << " " << common_divisor(12, 18) << " " << log10(1000) << endl;
        }
        TEXT],
    ['python', <<<'TEXT'
        a = b = 0
        (c, d) = (1, 2)
        print(a + b + c + d)
        TEXT, 'cpp', <<<'TEXT'
        #include <iostream>
        #include <tuple>
        using namespace std;

        int main() {
            int a = 0;
            int b = 0;
            a = b = 0;
            int c = 0;
            int d = 0;
            tie(c, d) = make_tuple(1, 2);
            cout << a + b + c + d << endl;
        }
        TEXT],
    ['python', <<<'TEXT'
        numbers = [int(part) for part in "1,2".split(",")]
        print(numbers)
        TEXT, 'cpp', <<<'TEXT'
        #include "scrivlet.hpp"

        int main() {
            vector<int> numbers = collected(split("1,2", ","), [&](auto part) { return stoi(part); });
            cout << numbers << endl;
        }
        TEXT],
    ['python', <<<'TEXT'
        beds = [1, 2]
        beds[-1] += 5
        print(beds)
        TEXT, 'javascript', <<<'TEXT'
        const beds = [1, 2];
        beds[beds.length - 1] += 5;
        console.log(beds);
        TEXT],
    ['python', <<<'TEXT'
        for place, bed in enumerate([5, 6]):
            last = bed
        print(place, bed, last)
        TEXT, 'cpp', <<<'TEXT'
        #include "scrivlet.hpp"

        int main() {
            int place = 0;
            int bed = 0;
            int last = 0;
            for (auto [next_place, next_bed] : numbered(vector<int>{5, 6})) {
                place = next_place;
                bed = next_bed;
                last = bed;
            }
            cout << place << " " << bed << " " << last << endl;
        }
        TEXT],
    ['python', <<<'TEXT'
        print("-" * 20)
        name = "fern"
        for row in range(1, 4):
            print("*" * row + "'" * (3 - row))
        print("=" * len(name), "ab" * 3)
        TEXT, 'cpp', <<<'TEXT'
        #include "scrivlet.hpp"

        int main() {
            cout << string(20, '-') << endl;
            string name = "fern";
            for (int row = 1; row <= 3; row++) {
                cout << string(row, '*') << repeated("'", 3 - row) << endl;
            }
            cout << string(int(name.size()), '=') << " " << repeated("ab", 3) << endl;
        }
        TEXT],
    ['cpp', <<<'TEXT'
        #include <iostream>
        #include <string>
        using namespace std;

        int main() {
            string line = "fern";
            int width = 12 - int(line.size());
            line += string(width, '\'');
            cout << line << string(1, line[0]) << endl;
            line = string(3, line[1]);
            cout << line << endl;
        }
        TEXT, 'python', <<<'TEXT'
        line = "fern"
        width = 12 - len(line)
        line += "'" * width
        print(line + str(line[0]))
        line = line[1] * 3
        print(line)
        TEXT],
];
