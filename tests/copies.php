<?php

declare(strict_types=1);

// Values of C++ that are copied wherever they are put (C++17, 15.8.1). In a piece `T` is the type, `1st`, `2nd` and `3rd` are
// values of it, `@` is the value that is copied, and `~` stands behind what is looked at: its number.
return [
    // By name: the type, a value of it with its number, and where that number is.
    'types' => [
        'objects' => ['S', '{%d}', '.n'],
        'lists' => ['vector<int>', '{%d}', '[0]'],
        'pairs' => ['pair<int, int>', '{%d, 0}', '.first'],
        'arrays' => ['array<int, 2>', '{%d, 0}', '[0]'],
        'objects in objects' => ['H', '{{%d}}', '.s.n'],
    ],
    // Where it is: what makes it, and the value itself.
    'sources' => [
        'a variable' => ['T x0 = 1st;', 'x0'],
        'an item' => ['vector<T> v; v.push_back(1st); v.push_back(2nd);', 'v[0]'],
        'an item by at' => ['vector<T> v; v.push_back(1st); v.push_back(2nd);', 'v.at(0)'],
        'the first item' => ['vector<T> v; v.push_back(1st); v.push_back(2nd);', 'v.front()'],
        'the last item' => ['vector<T> v; v.push_back(2nd); v.push_back(1st);', 'v.back()'],
        'an item by its place' => ['vector<T> v; v.push_back(1st); auto it = v.begin();', '*it'],
        'the first item by its place' => ['vector<T> v; v.push_back(1st);', '*v.begin()'],
        'what a map has' => ['map<string, T> m; m["k"] = 1st;', 'm["k"]'],
        'what a map has, by at' => ['map<string, T> m; m["k"] = 1st;', 'm.at("k")'],
        'what a map has, by its place' => ['map<string, T> m; m["k"] = 1st; auto it = m.find("k");', 'it->second'],
        'what a map has first' => ['map<string, T> m; m["k"] = 1st;', 'm.begin()->second'],
        'a part of a pair' => ['pair<T, int> p(1st, 3);', 'p.first'],
        'a part of a tuple' => ['tuple<T, int> t(1st, 3);', 'get<0>(t)'],
        'an item of an array' => ['T a[2] = {1st, 2nd};', 'a[0]'],
        'a field' => ['struct B { T f; }; B b{1st};', 'b.f'],
        'the top' => ['stack<T> st; st.push(1st);', 'st.top()'],
        'the next' => ['queue<T> q; q.push(1st);', 'q.front()'],
        'what is pointed at' => ['T x0 = 1st; T* p = &x0;', '*p'],
        'another name' => ['T x0 = 1st; T& r = x0;', 'r'],
        'another name for looking' => ['T x0 = 1st; const T& r = x0;', 'r'],
        'one of two' => ['T x0 = 1st, x1 = 2nd; bool c = true;', '(c ? x0 : x1)'],
        'an item of an item' => ['vector<vector<T>> g(1); g[0].push_back(1st);', 'g[0][0]'],
        'what may be nothing' => ['optional<T> o = 1st;', '*o'],
        'what one owns' => ['auto u = make_unique<T>(1st);', '*u'],
    ],
    // What is done with the copy.
    'uses' => [
        'T y = @; y~ = 9;', 'T y(@); y~ = 9;', 'auto y = @; y~ = 9;', 'T y = 3rd; y = @; y~ = 9;',
        'vector<T> w; w.push_back(@); w[0]~ = 9;', 'vector<T> w; w.emplace_back(@); w[0]~ = 9;', 'vector<T> w; w.insert(w.begin(), @); w[0]~ = 9;',
        'vector<T> w{@, 3rd}; w[0]~ = 9;', 'vector<T> w(2, @); w[0]~ = 9; w[1]~ = 8;',
        'map<int, T> mm; mm[1] = @; mm[1]~ = 9;', 'map<int, T> mm; mm.insert({1, @}); mm[1]~ = 9;', 'map<int, T> mm; mm.emplace(1, @); mm[1]~ = 9;',
        'T b2[2] = {@, 3rd}; b2[0]~ = 9;', 'T b2[2]; b2[1] = @; b2[1]~ = 9;',
        'pair<T, int> pp(@, 1); pp.first~ = 9;', 'auto pp = make_pair(@, 1); pp.first~ = 9;', 'auto tt = make_tuple(1, @); get<1>(tt)~ = 9;',
        'struct C { T f; }; C cc; cc.f = @; cc.f~ = 9;', 'struct C { T f; }; C cc{@}; cc.f~ = 9;', 'struct C { T f; C(const T& g) : f(g) {} }; C cc(@); cc.f~ = 9;',
        'auto l = [y = @]() mutable { y~ = 9; }; l();', 'auto l = [](T y) { y~ = 9; }; l(@);', 'queue<T> qq; qq.push(@); qq.front()~ = 9;',
        'optional<T> oo = @; (*oo)~ = 9;', 'auto l = [&]() { return @; }; auto y = l(); y~ = 9;', 'for (auto y : vector<T>{@}) { y~ = 9; }',
        'T y = @; T z = y; z~ = 9; if (y~ != 1) cout << "shared ";',
        'vector<T> w; w.push_back(@); vector<T> c2(w.begin(), w.end()); c2[0]~ = 9; if (w[0]~ != 1) cout << "shared ";',
        'vector<T> w; w.push_back(@); vector<T> c2; copy(w.begin(), w.end(), back_inserter(c2)); c2[0]~ = 9; if (w[0]~ != 1) cout << "shared ";',
    ],
];
