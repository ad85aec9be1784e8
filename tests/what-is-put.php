<?php

declare(strict_types=1);

// What is read or given, by where it goes: `T` is the type, `PUT` what is done, `AT` the place, each in a text of C++.
return [
    // What stands above `main`, its rows before what is done, those behind it, and how the place is said where it is done.
    'places' => [
        'local' => ['', 'T v{}; PUT', '', 'v'],
        'declared only' => ['', 'T v; PUT', '', 'v'],
        'global' => ['T g;', 'PUT', '', 'g'],
        'global in a function' => ['T g; void f() { PUT }', 'f();', 'g', 'g'],
        'reference' => ['void f(T& r) { PUT }', 'T v{}; f(v);', 'v', 'r'],
        'own field' => ['struct B { T x{}; void f() { PUT } };', 'B b; b.f();', 'b.x', 'x'],
        'own field by this' => ['struct B { T x{}; void f() { PUT } };', 'B b; b.f();', 'b.x', 'this->x'],
        'private field' => ['class B { T x{}; public: void f() { PUT } T get() { return x; } };', 'B b; b.f();', 'b.get()', 'x'],
        'field' => ['struct B { T x{}; };', 'B b; PUT', '', 'b.x'],
        'field by reference' => ['struct B { T x{}; }; void f(B& b) { PUT }', 'B b; f(b);', 'b.x', 'b.x'],
        'field behind an arrow' => ['struct B { T x{}; };', 'B* b = new B(); PUT', '', 'b->x'],
        'field of a field' => ['struct A { T x{}; }; struct B { A a; };', 'B b; PUT', '', 'b.a.x'],
        'field of an item' => ['struct B { T x{}; };', 'vector<B> a(3); int i = 2; PUT', '', 'a[i].x'],
        'item' => ['', 'vector<T> a(3); PUT', '', 'a[1]'],
        'item of a row' => ['', 'T a[2][2]{}; PUT', '', 'a[1][0]'],
        'own item' => ['struct B { vector<T> a; B() : a(3) {} void f() { PUT } };', 'B b; b.f();', 'b.a[1]', 'a[1]'],
        'entry' => ['', 'map<string, T> m; PUT', '', 'm["k"]'],
        'each by reference' => ['', 'vector<T> a(1); for (auto& v : a) { PUT }', 'a[0]', 'v'],
        'field of each' => ['struct B { T x{}; };', 'vector<B> a(1); for (B& v : a) { PUT }', 'a[0].x', 'v.x'],
        'where it is made' => ['struct B { T x{}; B() { PUT } };', 'B b;', 'b.x', 'x'],
        'shared by a class' => ['struct B { static T x; static void f() { PUT } }; T B::x;', 'B::f();', 'B::x', 'x'],
        'seen by a small function' => ['', 'T v{}; auto f = [&]() { PUT }; f();', 'v', 'v'],
    ],
    'types' => ['string', 'int', 'double'],
    // Those that are only for texts have `string` before them.
    'reads' => [
        'cin' => ['', 'cin >> AT;'],
        'the second of two' => ['', 'int q; cin >> q >> AT;'],
        'asked' => ['', 'if (cin >> AT) cout << "read ";'],
        'as long as' => ['', 'int n = 0; while (n < 2 && cin >> AT) n++; cout << n << " ";'],
        'words of a text' => ['', 'stringstream s("-7 8 9"); s >> AT;'],
        'all words of a text' => ['', 'stringstream s("7 8 -9"); while (s >> AT) cout << "."; '],
        'line' => ['string', 'getline(cin, AT);'],
        'line asked' => ['string', 'if (getline(cin, AT)) cout << "read ";'],
        'all lines' => ['string', 'while (getline(cin, AT)) cout << ".";'],
        'part of a text' => ['string', 'stringstream s("a,b;c"); getline(s, AT, \',\');'],
        'all parts of a text' => ['string', 'stringstream s("a,b;c"); while (getline(s, AT, \',\')) cout << ".";'],
    ],
    'answers' => "-5 -6 7\nline two\n8 9\nx\n",
    // By the types that take them.
    'values' => [
        'int' => ['7', '7.9', "'a'", 'true', '-3', '7 / 2', 'n * 1.5', 'c + 1'],
        'long long' => ['7.9', "'a'", '-3', '3000000000', 'n * 1.5'],
        'double' => ['7', "'a'", '-3', '7 / 2', 'n * 1.5'],
        'float' => ['7', 'n / 2'],
        'char' => ["'a'", '98', 'c + 1'],
        'bool' => ['true', 'n > 2'],
    ],
    'handed' => [
        'parameter' => ['void f(T x) { cout << x << " " << x / 2 << endl; }', 'f(VALUE);', '', ''],
        'what makes an object' => ['struct B { T x; B(T x) : x(x) {} };', 'B b(VALUE);', 'b.x', ''],
        'one of two that make one' => ['struct B { T x; B(T a, int b) { x = a; } B() : x(1) {} };', 'B b(VALUE, 2);', 'b.x', ''],
        'what is given back' => ['T f() { return VALUE; }', 'auto v = f();', 'v', ''],
        'from the start' => ['', 'T v = VALUE;', 'v', ''],
        'braces' => ['struct B { int k; T x; };', 'B b{1, (T) (VALUE)};', 'b.x', ''],
    ],
];
