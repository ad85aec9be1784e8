<?php

declare(strict_types=1);

/*
 * Values that are joined or put into each other many times. `@` is where the value stands that is put in, in a row where the
 * whole of it does.
 */

return [
    'python' => [
        'before' => <<<'TEXT'
            class V:
                def __init__(self, x):
                    self.x = x

                def f(self):
                    return self


            def f(n):
                return n


            a = 1
            s = "x"
            v = [1, 2]
            m = {"k": 1}
            b = True
            o = V(1)
            TEXT,
        'behind' => '',
        'values' => ['a', 'o', 'm["k"]'],
        'rows' => ['r = @', 'g = lambda x: @', 'print(@)'],
        'signs' => ['+', '-', '*', '/', '//', '%', '**', '<<', '>>', '&', '|', '^', 'and', 'or', '==', '<', 'in', 'not in', 'is', ',', '.', '=', 'if a else', ':=', '@'],
        'forms' => ['(@)', '-@', 'not @', '~@', 'f(@)', '@[0]', '@.f()', '[@]', '{"a": @}', '(@,)', '{@}', '@ if b else 2', '1 if b else @', '1 if @ else 2', 'v[@]', 'str(@)', 'f"{@}"', '(lambda: @)()', 'lambda x: @', '@ + 1', '1 + @', '@ + "x"', '"x" + @', '@ * 2 + 1', 'max(@, 1)', 'V(@)', '[x for x in @]', 'list(map(str, @))', 'sorted(@, key=lambda x: x)', 'await @', 'int(@)', '@ or a', '@ and a', '[*@]', '{**@}', '@[1:]', 'len(@)', '@.strip().split()', 'print(@)', 'sum(@)', '"%s" % @', '"{}".format(@)', 'dict(a=@)', 'x if (y := @) else 3', 'abs(@)', 'round(@, 2)'],
    ],
    'javascript' => [
        'before' => <<<'TEXT'
            class V { constructor(x) { this.x = x; this.next = null; } f() { return this; } map(g) { return g(this); } filter(g) { return this; } }
            function f(n) { return n; }
            let a = 1, s = "x", v = [1, 2], m = { k: 1 }, b = true, n = null;
            const o = new V(1);
            TEXT,
        'behind' => '',
        'values' => ['a', 'x => x', 'v'],
        'rows' => ['let r = @;', 'const g = x => @;', 'console.log(@);'],
        'signs' => ['+', '-', '*', '/', '%', '**', '<<', '>>', '>>>', '&', '|', '^', '&&', '||', '??', '===', '==', '<', 'in', 'instanceof', ',', '.', '?.', '=', '+=', '? a :'],
        'forms' => ['(@)', '-@', '!@', '~@', '++@', '@++', 'f(@)', '@[0]', '@.f()', '@?.next', '[@]', '{ a: @ }', '({ a: @ })', '@ ? 1 : 2', 'b ? @ : 2', 'b ? 1 : @', 'v[@]', 'String(@)', '`${@}`', '(() => @)()', 'x => @', 'function () { return @; }', '@ + 1', '1 + @', '@ + "x"', '"x" + @', '@ * 2 + 1', 'Math.max(@, 1)', 'new V(@)', 'typeof @', '[...@]', '@.map(x => x)', '@.filter(x => x > 1).map(y => y)', 'await @', 'async () => @', 'Number(@)', 'parseInt(@)', '@ || a', '@ ?? a', '(@, a)', '{ ...@ }', 'JSON.stringify(@)', '@.length', 'Math.floor(@ / 2)'],
    ],
    'cpp' => [
        'before' => <<<'TEXT'
            #include <bits/stdc++.h>
            using namespace std;
            struct V { int x; V& operator+=(const V& o) { x += o.x; return *this; } V operator+(const V& o) const { return V{x + o.x}; } V operator-() const { return V{-x}; } bool operator<(const V& o) const { return x < o.x; } V f() { return *this; } V* next = nullptr; int operator[](int i) { return i; } };
            int f(int n) { return n; }
            double f(double n) { return n; }
            string f(string n) { return n; }
            V f(V n) { return n; }
            int main() {
                int a = 1; double d = 2; string s = "x"; vector<int> v{1, 2}; map<string, int> m; bool b = true; char c = 'q'; V o{1}; vector<vector<int>> vv; long long l = 3; unsigned u = 4; int* p = &a; V* q = new V{2};
            TEXT,
        'behind' => "\n}",
        'values' => ['a', 'o', 'v[0]'],
        'rows' => ['    auto r = @;', '    V r = @;', '    cout << @ << endl;'],
        'signs' => ['+', '-', '*', '/', '%', '<<', '>>', '&', '|', '^', '&&', '||', '==', '<', '<=', '!=', ',', '.', '->', '=', '+=', '? a :', '<=>'],
        'forms' => ['(@)', '-@', '!@', '~@', '*@', '&@', '++@', '@++', 'f(@)', '@[0]', '@.f()', '@->next', '(int) @', 'int(@)', 'static_cast<double>(@)', 'max(@, 1)', '{@}', '@ ? 1 : 2', 'b ? @ : 2', 'b ? 1 : @', 'v[@]', 'm[@]', 'string(@)', 'to_string(@)', '[&]() { return @; }()', 'vector<int>{@}', '@ + 1', '1 + @', '@ + "x"', '"x" + @', '@ * 2 + 1', '(@) - (a)', 'make_pair(@, 1)', '@.substr(1)', 'stoi(@)', 'abs(@)', 'pow(@, 2)', 'V{@}', '(@ + 1) % 7', '@ && b', '@ == a', '@ < a'],
    ],
];
