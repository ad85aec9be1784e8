<?php

declare(strict_types=1);

namespace Scrivlet\Tests\Support;

/**
 * Every kind of value in every place that may keep it: what works alone may fail where two things meet. A program for each kind
 * of C++, with a part for each place; `~` stands for the place that holds the value, `@` for the number of the part.
 */
final class CrossedKinds
{
    /** By type: what it begins with, what changes it, and what shows it. */
    public const KINDS = [
        'vector<int>' => ['{3, 1, 2}', '~.push_back(9); ~[0] = 5; sort(~.begin(), ~.end()); ~.back()++;', 'for (int e : ~) cout << e << " "; cout << ~.size() << ~.back();'],
        'vector<string>' => ['{"b", "a"}', '~.push_back("c"); ~[0] += "!"; ~.insert(~.begin(), "z");', 'for (const auto& e : ~) cout << e << ","; cout << ~.front().size();'],
        'deque<int>' => ['{1, 2}', '~.push_front(7); ~.push_back(8); ~[1]++; ~.pop_back();', 'for (auto e : ~) cout << e; cout << ~.front() << ~.size();'],
        'list<int>' => ['{4, 2}', '~.push_front(7); ~.push_back(8); ~.sort(); ~.remove(8);', 'for (auto e : ~) cout << e; cout << ~.front() << ~.size();'],
        'set<int>' => ['{3, 1, 3}', '~.insert(2); ~.erase(1);', 'for (int e : ~) cout << e; cout << ~.count(3) << (~.find(7) == ~.end()) << *~.begin() << ~.size();'],
        'unordered_set<int>' => ['{3, 1}', '~.insert(2); ~.insert(3);', 'cout << ~.size() << ~.count(2) << ~.count(9);'],
        'map<string, int>' => ['{{"b", 2}, {"a", 1}}', '~["c"] += 3; ~["a"]++; ~.erase("b");', 'for (auto& [k, n] : ~) cout << k << n; cout << ~.size() << ~.count("z") << ~["a"];'],
        'map<int, string>' => ['{{2, "b"}}', '~[1] = "a"; ~[2] += "!"; ~.insert({3, "c"});', 'for (const auto& p : ~) cout << p.first << p.second; cout << ~.at(2).size() << (~.find(9) == ~.end());'],
        'map<string, vector<int>>' => ['{{"a", {1}}}', '~["a"].push_back(2); ~["b"].push_back(3);', 'for (auto& [k, n] : ~) { cout << k; for (int e : n) cout << e; } cout << ~["a"].size();'],
        'stack<int>' => ['', '~.push(1); ~.push(2); ~.top() += 5;', 'cout << ~.top() << ~.size() << ~.empty();'],
        'queue<string>' => ['', '~.push("a"); ~.push("b"); ~.pop();', 'cout << ~.front() << ~.back() << ~.size();'],
        'pair<int, string>' => ['{1, "one"}', '~.first += 4; ~.second += "s";', 'cout << ~.first << ~.second;'],
        'tuple<int, double, string>' => ['{1, 2.5, "t"}', 'get<0>(~) = 7; get<2>(~) += "u";', 'cout << get<0>(~) << get<1>(~) << get<2>(~);'],
        'string' => ['"fern"', '~ += "hollow"; ~[0] = \'F\'; ~.push_back(\'!\'); ~.erase(1, 1);', 'cout << ~ << ~.size() << ~.find("hol") << ~.substr(2, 3);'],
        'array<int, 3>' => ['{3, 1, 2}', '~[1] += 5; sort(~.begin(), ~.end());', 'for (int e : ~) cout << e; cout << ~.size();'],
        'vector<vector<int>>' => ['{{1, 2}, {3}}', '~[1].push_back(4); ~.push_back({5}); ~[0][0] = 9;', 'for (auto& r : ~) for (int e : r) cout << e; cout << ~.size() << ~[1].size();'],
        'vector<pair<string, int>>' => ['{{"b", 2}, {"a", 1}}', '~.push_back({"c", 3}); ~[0].second++; sort(~.begin(), ~.end());', 'for (auto& [s, n] : ~) cout << s << n; cout << ~.back().first;'],
        'Plant' => ['{4, "p"}', '~.size++; ~.name += "q";', 'cout << ~.size << ~.name;'],
        'vector<Plant>' => ['{{4, "p"}, {2, "q"}}', '~.push_back({9, "r"}); ~[0].size = 7; ~[1].name += "!"; sort(~.begin(), ~.end());', 'for (auto& p : ~) cout << p.size << p.name; cout << ~.size();'],
        'map<string, Plant>' => ['{{"k", {1, "v"}}}', '~["k"].size++; ~["m"].name = "new"; ~["m"] = ~["k"];', 'for (auto& [k, p] : ~) cout << k << p.size << p.name;'],
        'int' => ['7', '~ /= 2; ~++; ~ <<= 1;', 'cout << ~ / 3 << ~ % 3;'],
        'double' => ['7', '~ /= 2; ~ += 0.25;', 'cout << ~ << ~ / 2;'],
        'char' => ["'a'", '~++; ~ += 2;', 'cout << ~ << int(~) << char(~ + 1);'],
        'bool' => ['true', '~ = !~; ~ = ~ || true; ~ = ~ && false;', 'cout << ~;'],
        'unsigned int' => ['3', '~ -= 5; ~ /= 2;', 'cout << ~ << ~ % 10;'],
        'long long' => ['3000000000LL', '~ *= 3; ~++;', 'cout << ~ << ~ / 7;'],
    ];

    private const HEAD = "#include <algorithm>\n#include <array>\n#include <deque>\n#include <iostream>\n#include <list>\n#include <map>\n#include <memory>\n#include <queue>\n#include <set>\n#include <stack>\n#include <string>\n#include <tuple>\n#include <unordered_set>\n#include <utility>\n#include <vector>\nusing namespace std;\n\n"
        ."struct Plant { int size = 0; string name; bool operator==(const Plant& o) const { return size == o.size && name == o.name; } bool operator<(const Plant& o) const { return size < o.size; } };\n\n";

    /** By place: what stands above `main`, and what in it; TYPE, IS (what it begins with), GIVE (gives it that), CHANGE and SHOW stand for what the kind says. */
    private const PLACES = [
        'variable' => ['', 'TYPE box@IS; CHANGE(box@) SHOW(box@)'],
        'global' => ["TYPE glob@IS;\nvoid f@() { CHANGE(glob@) }\n", 'f@(); SHOW(glob@)'],
        'lasting' => ["void f@() { static TYPE kept@IS; CHANGE(kept@) SHOW(kept@) }\n", 'f@(); f@();'],
        'field below' => ["class C@ {\npublic:\n    void m() { CHANGE(f@) }\n    void show() { SHOW(f@) }\nprivate:\n    TYPE f@IS;\n};\n", 'C@ one@; one@.m(); one@.show(); C@ two@ = one@; two@.m(); one@.show(); two@.show();'],
        'structure' => ["struct S@ { TYPE f@IS; int k = 1; };\n", 'S@ one@; CHANGE(one@.f@) S@ two@ = one@; CHANGE(two@.f@) SHOW(one@.f@) SHOW(two@.f@)'],
        'made of it' => ["class C@ {\n    TYPE kept@;\npublic:\n    C@(TYPE given) : kept@(given) {}\n    TYPE get@() const { return kept@; }\n};\n", 'TYPE box@IS; C@ c@(box@); CHANGE(box@) auto got@ = c@.get@(); SHOW(got@)'],
        'set later' => ["class C@ {\n    TYPE kept@;\npublic:\n    void set@(const TYPE& other) { kept@ = other; }\n    const TYPE& get@() const { return kept@; }\n};\n", 'TYPE box@IS; C@ c@; c@.set@(box@); CHANGE(box@) TYPE got@ = c@.get@(); c@.set@(box@); TYPE more@ = c@.get@(); SHOW(more@)'],
        'handed over' => ["void f@(TYPE arg) { CHANGE(arg) SHOW(arg) }\n", 'TYPE box@IS; f@(box@); CHANGE(box@) SHOW(box@)'],
        'reference' => ["void f@(TYPE& arg) { CHANGE(arg) }\n", 'TYPE box@IS; f@(box@); SHOW(box@)'],
        'constant reference' => ["void f@(const TYPE& arg) { TYPE mine = arg; CHANGE(mine) SHOW(mine) }\n", 'TYPE box@IS; CHANGE(box@) f@(box@); SHOW(box@)'],
        'given back' => ["TYPE make@() { TYPE made@IS; CHANGE(made@) return made@; }\n", 'TYPE box@ = make@(); auto crate@ = make@(); CHANGE(crate@) SHOW(box@) SHOW(crate@)'],
        'copied' => ['', 'TYPE box@IS; TYPE crate@ = box@; CHANGE(crate@) CHANGE(box@) crate@ = box@; CHANGE(crate@) SHOW(crate@) SHOW(box@)'],
        'item' => ['', 'vector<TYPE> all@(2); GIVE(all@[0])CHANGE(all@[0]) all@.push_back(all@[0]); CHANGE(all@[2]) SHOW(all@[0]) SHOW(all@[2])'],
        'each' => ['', 'vector<TYPE> all@; TYPE box@IS; CHANGE(box@) all@.push_back(box@); all@.push_back(box@); for (auto& one@ : all@) { CHANGE(one@) } for (const auto& one@ : all@) { TYPE mine@ = one@; SHOW(mine@) }'],
        'under a key' => ['', 'map<string, TYPE> all@; GIVE(all@["k"])CHANGE(all@["k"]) auto other@ = all@; CHANGE(other@["k"]) SHOW(all@["k"]) SHOW(other@["k"])'],
        'seen by a small function' => ['', 'TYPE box@IS; auto f@ = [&]() { CHANGE(box@) }; f@(); auto g@ = [&box@]() { SHOW(box@) }; g@();'],
        'swapped' => ['', 'TYPE box@IS; TYPE crate@IS; CHANGE(box@) swap(box@, crate@); SHOW(crate@) TYPE third@ = std::move(crate@); SHOW(third@)'],
        'part of a pair' => ['', 'pair<int, TYPE> both@; both@.first = 3; GIVE(both@.second)CHANGE(both@.second) auto other@ = both@; CHANGE(other@.second) SHOW(both@.second) SHOW(other@.second)'],
        'one of two' => ['', 'TYPE box@IS; TYPE crate@IS; CHANGE(crate@) bool second@ = true; TYPE chosen@ = second@ ? crate@ : box@; CHANGE(chosen@) SHOW(crate@) SHOW(chosen@)'],
        'of any type' => ["template <typename T> T twice@(T arg) { return arg; }\n", 'TYPE box@IS; TYPE crate@ = twice@(box@); CHANGE(crate@) SHOW(box@) SHOW(crate@)'],
        'behind a pointer' => ["struct Node@ { TYPE item@; Node@* next@ = nullptr; };\n", 'Node@* first@ = new Node@(); GIVE(first@->item@)CHANGE(first@->item@) Node@* second@ = new Node@(*first@); first@->next@ = second@; CHANGE(second@->item@) SHOW(first@->item@) SHOW(first@->next@->item@) delete second@; delete first@;'],
    ];
    /** What the real machine does not take, or nothing is known of: the top of an empty stack. */
    private const LEFT_OUT = ['stack<int>' => ['made of it', 'of any type'], 'queue<string>' => ['made of it', 'of any type'], 'bool' => ['each']];

    /** @return array<string, string> texts by the kind that they are about */
    public static function inCpp(): array
    {
        $texts = [];
        foreach (self::KINDS as $type => $kind) {
            $above = $main = '';
            foreach (array_values(array_diff_key(self::PLACES, array_flip(self::LEFT_OUT[$type] ?? []))) as $number => [$before, $rows]) {
                $above .= self::written($before, $type, $kind, $number);
                $main .= '    '.self::written($rows, $type, $kind, $number)." cout << endl;\n";
            }
            $texts[$type] = self::HEAD.$above."\nint main() {\n$main}\n";
        }

        return $texts;
    }

    /** @param array{string, string, string} $kind */
    private static function written(string $place, string $type, array $kind, int $number): string
    {
        [$begins, $changes, $shows] = $kind;
        $made = match (true) {
            '{' === ($begins[0] ?? '') => $type.$begins,
            default => $begins,
        };
        $place = (string) preg_replace_callback('/(CHANGE|SHOW|GIVE)\(((?:[^()]|\(\*\w+\))+)\)/', static fn (array $match): string => match ($match[1]) {
            'CHANGE' => str_replace('~', $match[2], $changes),
            'SHOW' => str_replace('~', $match[2], $shows),
            default => '' === $begins ? '' : "$match[2] = $made; ",
        }, $place);

        return str_replace(['TYPE', 'IS', '@'], [$type, '' === $begins ? '' : " = $begins", (string) $number], $place);
    }
}
