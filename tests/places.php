<?php

declare(strict_types=1);

/*
 * Where a value may stand in C++, and what may be done with it there: each with each is a program. `X` is the value.
 *
 * @return array<string, array{string, array<string, array{string, string}>, array<string, string>}> what stands above, places by name, deeds by name
 */

// Things that a function is given by reference, by what shows of them, what is done to them, and another of their kind.
$given = [];
foreach ([
    'whole' => ['int', '3', '8', '@', '@ += 2;'], 'real' => ['double', '1.5', '2.25', '@', '@ /= 2;'], 'text' => ['string', '"pea"', '"bean"', '@', '@ += "s";'], 'letter' => ['char', "'c'", "'q'", '@', '@++;'],
    'list' => ['vector<int>', '{1, 2}', '{7}', '@.size() << @[0]', '@.push_back(5);'], 'rows' => ['vector<vector<int>>', '{{1}, {2, 3}}', '{{9}}', '@.size() << @[0][0] << @.back().size()', '@[0][0] += 5;'],
    'map' => ['map<string, int>', '{{"k", 1}}', '{{"k", 6}, {"m", 2}}', '@.size() << @["k"]', '@["n"] = 3;'], 'set' => ['set<int>', '{1, 2}', '{5}', '@.size() << @.count(1)', '@.insert(9);'],
    'pair' => ['pair<int, string>', '{1, "u"}', '{2, "v"}', '@.first << @.second', '@.first += 4;'], 'object' => ['Bed', '{2, "fern"}', '{5, "moss"}', '@.n << @.name', '@.n++;'],
    'queue' => ['deque<int>', '{1, 2}', '{7}', '@.size() << @.front()', '@.push_front(4);'],
] as $name => [$type, $one, $other, $shown, $changed]) {
    [$show, $change] = [str_replace('@', 'x', $shown), str_replace('@', 'x', $changed)];
    $above = "$type o = $other, b = $one; auto show = [](const $type& given) { $type x = given; cout << $show << ' '; }; auto all = []($type& x, $type y) { x = y; $change }; auto turn = []($type& x, $type& y) { swap(x, y); $change }; auto part = []($type& x) { $change return 7; };";
    foreach (['variable' => ['', 'b'], 'item' => ["vector<$type> l(2); l[1] = b;", 'l[1]'], 'field' => ["struct H { $type f; }; H h; h.f = b;", 'h.f'], 'entry' => ["map<int, $type> e; e[4] = b;", 'e[4]'], 'deep' => ["vector<vector<$type>> d(2); d[1].push_back(b);", 'd[1][0]'], 'array' => ["$type s[2]; s[1] = b;", 's[1]']] as $where => [$made, $value]) {
        $given["$name, $where"] = ["$above $made", $value];
    }
}

return [
    'things that are copied' => [<<<'CPP'
        #include <bits/stdc++.h>
        using namespace std;
        struct S { int n = 1; vector<int> v{1, 2}; int a[2] = {5, 6}; string t = "x"; void up() { n++; v.push_back(9); a[0]++; t += "y"; } };
        struct H { S s; vector<S> l; int k = 0; };
        void show(const S& s) { cout << s.n << s.v.size() << s.a[0] << s.t << ' '; }
        void byVal(S s) { s.up(); s.n = 50; s.v[0] = 7; show(s); }
        void byRef(S& s) { s.up(); s.n += 10; s.v[0] = 8; }
        void byPtr(S* s) { s->up(); s->a[1] = 3; s->n *= 2; }
        S ret(S s) { s.up(); return s; }
        S& pass(S& s) { s.n++; return s; }
        S made(int n) { S s; s.n = n; return s; }
        void vecVal(vector<S> l) { l[0].n = 99; l.push_back(S()); for (auto& s : l) s.up(); show(l[0]); }
        void vecRef(vector<S>& l) { l[0].n = 77; l.push_back(made(4)); }
        void holdVal(H h) { h.s.n = 60; h.k = 5; h.l.push_back(h.s); show(h.s); }
        void holdRef(H& h) { h.s.n = 61; h.l.push_back(h.s); h.l.back().n = 62; }

        CPP, [
        'var' => ['S x;', 'x'],
        'arr' => ['S q[2]; q[1].n = 4;', 'q[1]'],
        'vec' => ['vector<S> q(2); q[1].n = 4;', 'q[1]'],
        'map' => ['map<string, S> q; q["a"].n = 4;', 'q["a"]'],
        'field' => ['H q; q.s.n = 4;', 'q.s'],
        'pair' => ['pair<int, S> q; q.second.n = 4;', 'q.second'],
        'nest' => ['vector<H> q(1); q[0].l.push_back(made(4));', 'q[0].l[0]'],
        'ptr' => ['S z; S* q = &z; q->n = 4;', '(*q)'],
        'ref' => ['S z; S& q = z; q.n = 4;', 'q'],
        'grid' => ['vector<vector<S>> q(2, vector<S>(2)); q[1][0].n = 4;', 'q[1][0]'],
    ], [
        'val' => 'byVal(X); show(X);',
        'ref' => 'byRef(X); show(X);',
        'ptr' => 'byPtr(&X); show(X);',
        'ret' => 'S y = ret(X); y.n = 20; show(X); show(y);',
        'pass' => 'pass(X).up(); show(X);',
        'passcopy' => 'S y = pass(X); y.up(); show(X); show(y);',
        'passref' => 'S& y = pass(X); y.up(); y.n = 30; show(X); show(y);',
        'init' => 'S y = X; y.up(); y.v[0] = 5; show(X); show(y);',
        'assign' => 'S y; y = X; y.up(); y.a[1] = 9; show(X); show(y);',
        'assignto' => 'S y = made(8); X = y; y.up(); show(X); X.up(); show(y); show(X);',
        'alias' => 'S& y = X; y.up(); X.n++; show(y); show(X);',
        'addr' => 'S* y = &X; y->up(); X.n++; (*y).n += 5; show(*y); show(X);',
        'cref' => 'const S& y = X; X.up(); show(y);',
        'method' => 'X.up(); X.up(); show(X);',
        'swap' => 'S y = made(6); y.up(); swap(X, y); show(X); show(y); y.n = 0; show(X);',
        'push' => 'vector<S> l; l.push_back(X); l[0].up(); X.n = 12; show(l[0]); show(X); l.push_back(l[0]); l[1].n = 3; show(l[0]);',
        'lit' => 'vector<S> l{X, X}; l[0].up(); show(l[1]); show(X); for (auto& s : l) s.n = 2; show(l[1]); show(X);',
        'forval' => 'vector<S> l{X}; for (S s : l) s.up(); show(l[0]); for (S& s : l) { s.up(); byRef(s); } show(l[0]); for (auto& s : l) byPtr(&s); show(l[0]); show(X);',
        'capval' => 'auto f = [y = X]() { return y.n; }; X.n = 40; cout << f();',
        'capref' => 'auto f = [&]() { X.up(); return X.n; }; cout << f() << f(); show(X);',
        'field' => 'H h; h.s = X; h.s.up(); show(X); show(h.s); H g = h; g.s.n = 70; g.l.push_back(X); show(h.s); cout << h.l.size() << g.l.size(); holdVal(h); holdRef(h); show(h.s); show(h.l[0]);',
        'mapput' => 'map<int, S> m; m[1] = X; m[1].up(); show(X); show(m[1]); m.insert({2, X}); m[2].n = 5; show(X); for (auto& [k, s] : m) s.up(); show(m[2]); for (auto p : m) p.second.n = 0; show(m[1]); auto c = m; c[1].n = 9; show(m[1]);',
        'pairput' => 'pair<S, int> p(X, 1); p.first.up(); show(X); show(p.first); auto q2 = p; q2.first.n = 2; show(p.first); auto [s, k] = p; s.n = 3; show(p.first);',
        'inner' => 'X.v.push_back(4); vector<int> w = X.v; w.push_back(5); vector<int>& r = X.v; r.push_back(6); cout << X.v.size() << w.size(); int& i = X.v[0]; i = 42; cout << X.v[0]; int b[2]; copy(X.a, X.a + 2, b); b[0] = 0; cout << X.a[0]; string t = X.t; t += "q"; X.t[0] = \'z\'; cout << X.t << t;',
        'cond' => 'S y = X.n > 2 ? X : made(3); y.up(); show(X); show(y); (X.n > 2 ? X : y).n = 31; show(X); show(y);',
        'temp' => 'made(5).up(); show(made(5)); S y = made(5); y.up(); S z2 = S(y); z2.n = 8; show(y); S w = S{}; w.n = X.n; show(w);',
        'vecs' => 'vector<S> l{X, made(2)}; vecVal(l); show(l[0]); vecRef(l); show(l[0]); cout << l.size(); auto c = l; c[0].n = 1; show(l[0]); vector<S>& r = l; r[1].up(); show(l[1]); l[0] = l[1]; l[0].n = 88; show(l[1]); show(X);',
        'erase' => 'vector<S> l{X, made(2), made(3)}; S& r = l[0]; r.n = 9; l.erase(l.begin() + 1); show(l[1]); l.insert(l.begin(), X); l[0].up(); show(X); show(l[1]); sort(l.begin(), l.end(), [](const S& a, const S& b) { return a.n < b.n; }); show(l[0]); S last = l.back(); l.pop_back(); last.n = 1; cout << l.size();',
    ]],
    'numbers with a point' => [<<<'CPP'
        #include <bits/stdc++.h>
        using namespace std;
        struct P { double d; int i; };
        struct Q { double d = 3; vector<double> v{3, 4}; double a[2] = {3, 4}; Q() {} Q(double x) : d(x), v{x, 1} {} double get() const { return d; } };
        template <typename T> struct Box { T v; Box(T x) : v(x) {} T get() const { return v; } };
        double id(double x) { return x; }
        double lit() { return 3; }
        vector<double> vec() { return {3, 4}; }
        map<string, double> mp() { return {{"a", 3}}; }
        pair<double, double> pr() { return {3, 4}; }
        template <typename T> T tid(T x) { return x; }
        template <typename T> string half(T x) { return to_string(x / 2); }
        void put(double& x) { x = 3; }

        CPP, [
        'var' => ['double x = 3;', 'x'],
        'arr' => ['double q[2] = {3, 4};', 'q[0]'],
        'grid' => ['double q[2][2] = {{3, 4}, {5, 6}};', 'q[0][0]'],
        'vec' => ['vector<double> q{3, 4};', 'q[0]'],
        'vec2' => ['vector<vector<double>> q{{3}, {4}};', 'q[0][0]'],
        'back' => ['vector<double> q; q.push_back(3);', 'q.back()'],
        'set' => ['vector<double> q(2); q[0] = 3;', 'q[0]'],
        'fill' => ['vector<double> q(2, 3);', 'q[1]'],
        'map' => ['map<string, double> q{{"a", 3}};', 'q["a"]'],
        'mapset' => ['map<string, double> q; q["a"] = 3;', 'q["a"]'],
        'mapat' => ['map<string, double> q{{"a", 3}};', 'q.at("a")'],
        'pair' => ['pair<int, double> q{1, 3};', 'q.second'],
        'mk' => ['pair<int, double> q = make_pair(1, 3);', 'q.second'],
        'tup' => ['tuple<int, double> q{1, 3};', 'get<1>(q)'],
        'field' => ['P q{3, 3};', 'q.d'],
        'vfield' => ['vector<P> q{{3, 3}};', 'q[0].d'],
        'class' => ['Q q(3);', 'q.d'],
        'cvec' => ['Q q(3);', 'q.v[0]'],
        'carr' => ['Q q;', 'q.a[0]'],
        'def' => ['Q q;', 'q.d'],
        'getter' => ['Q q(3);', 'q.get()'],
        'box' => ['Box<double> q(3);', 'q.get()'],
        'boxv' => ['Box<double> q(3);', 'q.v'],
        'fn' => ['', 'lit()'],
        'idf' => ['', 'id(3)'],
        'vecf' => ['', 'vec()[0]'],
        'mapf' => ['', 'mp()["a"]'],
        'pairf' => ['', 'pr().first'],
        'autov' => ['auto q = vec();', 'q[0]'],
        'opt' => ['optional<double> q = 3;', '*q'],
        'dq' => ['deque<double> q{3};', 'q.front()'],
        'stk' => ['stack<double> q; q.push(3);', 'q.top()'],
        'arr2' => ['array<double, 2> q{3, 4};', 'q[0]'],
        'chg' => ['double x = 2; x += 1;', 'x'],
        'inc' => ['double x = 2; x++;', 'x'],
        'tern' => ['bool b = true; double x = b ? 3 : 4;', 'x'],
        'cin' => ['stringstream s("3"); double x; s >> x;', 'x'],
        'mx' => ['vector<double> q{3, 2};', '*max_element(q.begin(), q.end())'],
        'acc' => ['vector<double> q{1, 2};', 'accumulate(q.begin(), q.end(), 0.0)'],
        'ptr' => ['double z = 3; double* p = &z;', '*p'],
        'ref' => ['double z = 3; double& x = z;', 'x'],
        'lam' => ['auto f = [](double x) { return x; };', 'f(3)'],
        'fun' => ['function<double(int)> f = [](int x) { return x; };', 'f(3)'],
        'cst' => ['const double x = 3;', 'x'],
        'putr' => ['double x; put(x);', 'x'],
        'each' => ['vector<double> q{3}; double x = 0; for (double y : q) x = y;', 'x'],
        'st' => ['static double x = 3;', 'x'],
        'umap' => ['unordered_map<int, double> q{{1, 3}};', 'q[1]'],
        'max2' => ['double x = max(3.0, 2.0);', 'x'],
        'abs' => ['double x = abs(-3);', 'x'],
        'pw' => ['double x = pow(3, 1);', 'x'],
        'cast' => ['int i = 3;', '(double) i'],
        'scast' => ['int i = 3;', 'static_cast<double>(i)'],
    ], [
        'div' => 'cout << X / 2;',
        'str' => 'cout << to_string(X);',
        'auto' => 'auto y = X; cout << y / 2 << to_string(y);',
        'tmpl' => 'cout << half(X);',
        'tid' => 'cout << tid(X) / 2;',
        'lam' => 'auto g = [](auto y) { return y / 2; }; cout << g(X);',
        'vecs' => 'vector<double> l{X, 1}; auto y = l[0]; cout << y / 2; for (auto z : l) cout << z / 2;',
        'pairs' => 'auto y = make_pair(X, 1); cout << y.first / 2 << y.second / 2;',
        'struct' => 'P y{X, 3}; auto [m, n] = y; cout << m / 2 << n / 2;',
        'int' => 'int y = X / 2; cout << y; long l = X; cout << l / 2;',
        'mod' => 'cout << fmod(X, 2) << (int) X % 2;',
        'cmp' => 'cout << (X == 3) << (X / 2 > 1);',
        'prec' => 'cout << fixed << setprecision(2) << X << " " << X / 2;',
    ]],
    'letters' => [<<<'CPP'
        #include <bits/stdc++.h>
        using namespace std;
        struct P { char c; int n; };
        struct Q { string s = "b5"; char a[3] = {'b', '5', 'x'}; vector<char> v{'b', '5'}; char c; Q(char x = 'b') : c(x) {} char get() const { return c; } };
        char idc(char c) { return c; }
        char lit() { return 'b'; }
        int code(char c) { return c; }
        template <typename T> T tid(T x) { return x; }
        void up(char& c) { c = toupper(c); }
        string txt() { return "b5"; }

        CPP, [
        'var' => ['char x = \'b\';', 'x'],
        'dig' => ['char x = \'5\';', 'x'],
        'arr' => ['char q[2] = {\'b\', \'5\'};', 'q[0]'],
        'cstr' => ['char q[] = "b5";', 'q[0]'],
        'str' => ['string q = "b5";', 'q[0]'],
        'strd' => ['string q = "b5";', 'q[1]'],
        'at' => ['string q = "b5";', 'q.at(0)'],
        'back' => ['string q = "5b";', 'q.back()'],
        'vec' => ['vector<char> q{\'b\'};', 'q[0]'],
        'vs' => ['vector<string> q{"b5"};', 'q[0][0]'],
        'grid' => ['vector<vector<char>> q(1, vector<char>(2, \'b\'));', 'q[0][1]'],
        'carr2' => ['char q[2][4] = {"b5", "xy"};', 'q[0][0]'],
        'map' => ['map<int, char> q{{1, \'b\'}};', 'q[1]'],
        'pair' => ['pair<char, int> q{\'b\', 1};', 'q.first'],
        'field' => ['P q{\'b\', 1};', 'q.c'],
        'class' => ['Q q;', 'q.c'],
        'cs' => ['Q q;', 'q.s[0]'],
        'ca' => ['Q q;', 'q.a[0]'],
        'cv' => ['Q q;', 'q.v[0]'],
        'get' => ['Q q;', 'q.get()'],
        'fn' => ['', 'lit()'],
        'idf' => ['', 'idc(\'b\')'],
        'ftxt' => ['', 'txt()[0]'],
        'cast' => ['int e = 98;', 'char(e)'],
        'ccast' => ['int e = 98;', '(char) e'],
        'sc' => ['int e = 97;', 'static_cast<char>(e + 1)'],
        'tern' => ['bool w = true; char x = w ? \'b\' : \'c\';', 'x'],
        'ptr' => ['char h2 = \'b\'; char* h3 = &h2;', '*h3'],
        'each' => ['string q = "b"; char x = 0; for (char y : q) x = y;', 'x'],
        'set' => ['set<char> q{\'b\'};', '*q.begin()'],
        'stk' => ['stack<char> q; q.push(\'b\');', 'q.top()'],
        'que' => ['queue<char> q; q.push(\'b\');', 'q.front()'],
        'strm' => ['stringstream in("b 5"); char x; in >> x;', 'x'],
        'low' => ['char x = tolower(\'B\');', 'x'],
        'inc' => ['char x = \'a\'; x++;', 'x'],
        'add' => ['char x = \'a\'; x += 1;', 'x'],
        'auto' => ['auto x = \'b\';', 'x'],
        'cst' => ['const char x = \'b\';', 'x'],
        'sub' => ['string q = "ab";', 'q.substr(1)[0]'],
        'tup' => ['tuple<int, char> q{1, \'b\'};', 'get<1>(q)'],
    ], [
        'show' => 'cout << X;',
        'plus' => 'cout << X + 1;',
        'charplus' => 'cout << char(X + 1) << (char) (X - 1);',
        'minus' => 'cout << X - \'a\' << X - \'0\';',
        'int' => 'int i = X; cout << i << (int) X << int(X);',
        'tos' => 'cout << to_string(X);',
        'one' => 'cout << string(1, X) + "!" << string(3, X);',
        'app' => 'string s = "<"; s += X; s.push_back(X); s = s + X; s = X + s; cout << s;',
        'eq' => 'cout << (X == \'b\') << (X > \'a\') << (X == 98) << (X != \'5\');',
        'sw' => 'switch (X) { case \'b\': cout << 1; break; case \'5\': cout << 5; break; default: cout << 0; }',
        'is' => 'cout << (isdigit(X) ? 1 : 0) << (isalpha(X) ? 1 : 0) << (isupper(X) ? 1 : 0);',
        'up' => 'cout << toupper(X) << (char) toupper(X); char u = toupper(X); cout << u;',
        'auto' => 'auto y9 = X; cout << y9; y9++; cout << y9 << y9 - X;',
        'code' => 'cout << code(X) << idc(X) << tid(X);',
        'cnt' => 'int n[128] = {0}; n[X]++; n[(int) X]++; cout << n[\'b\'] << n[\'5\'];',
        'idx' => 'vector<int> v(200); v[X - \'0\'] = 3; cout << v[\'b\' - \'0\'] << v[5];',
        'mapk' => 'map<char, int> m; m[X]++; m[X] += 2; for (auto [k, n] : m) cout << k << n;',
        'setk' => 'set<char> s; s.insert(X); s.insert(X); cout << s.size() << *s.begin() << s.count(X);',
        'vecp' => 'vector<char> v; v.push_back(X); v[0]++; cout << v[0] << v[0] - X;',
        'pairp' => 'auto p = make_pair(X, 1); cout << p.first << p.second; pair<char, string> r{X, "k"}; cout << r.first << r.second;',
        'cond' => 'char y = X == \'b\' ? \'y\' : X; cout << y << (X ? \'t\' : \'f\');',
        'arith' => 'int t = X * 2 + 1; cout << t << X % 7 << X / 2; double d = X / 2.0; cout << d;',
        'fmt' => 'printf("%c%d|", X, X); cout << setw(3) << X << "|" << left << setw(3) << X << "|";',
        'find' => 'string h = "a5b"; cout << h.find(X) << count(h.begin(), h.end(), X); replace(h.begin(), h.end(), X, (char) 42); cout << h;',
        'rot' => 'char r = (X - \'a\' + 3) % 26 + \'a\'; cout << r; r = X; r -= 32; cout << r;',
        'fill' => 'string f(2, X); f.insert(0, 1, X); f.append(2, X); cout << f << f.length();',
        'cmp' => 'string z = "b"; cout << (z[0] == X) << (z == string(1, X)) << (X < z[0]);',
        'ss' => 'stringstream o; o << X << 1 << X; cout << o.str(); ostringstream k; k << (int) X; cout << k.str();',
    ]],
    'things given by reference' => [<<<'CPP'
        #include <bits/stdc++.h>
        using namespace std;
        struct Bed { int n; string name; };

        CPP, $given, [
        'all' => 'all(X, o); show(X); show(o);',
        'twice' => 'all(X, o); all(X, X); show(X); show(o);',
        'turned' => 'turn(X, o); show(X); show(o);',
        'part' => 'cout << part(X) + part(o); show(X); show(o);',
        'after' => 'all(X, o); part(o); show(X); show(o); o = X; part(X); show(o); show(X);',
    ]],
];
