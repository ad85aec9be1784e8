<?php

declare(strict_types=1);

/*
 * What classes are made of, and what is asked of their objects. A member is by its name how often it is there, of a hundred, and the
 * ways in which it is written; a way that begins with `^` asks the class above, and stands only where one above has it. `@C` is
 * the class, `@v` and `@w` are two objects, `@c` is the class of one of them or one above it, `@n` a small number.
 */

return [
    'python' => [
        'head' => ['class @C:', 'class @C(@P):'],
        'first' => "    def __init__(self, name, rows=1):\n        self.name = name\n        self.rows = rows",
        'made' => ["    def __init__(self, name, rows=2, extra=\"x\"):\n        super().__init__(name, rows)\n        self.extra = extra", "    def __init__(self, name, rows=3):\n        super().__init__(name)\n        self.size = rows * 2", "    def __init__(self, name, rows=1):\n        self.name = name + \"!\"\n        self.rows = rows"],
        'members' => [
            '__str__' => [50, ['def __str__(self):;return f"{self.name}/{self.rows}"', 'def __str__(self):;return self.name.upper()', '^def __str__(self):;return "<" + super().__str__() + ">"', 'def __str__(self):;return f"{type(self).__name__}({self.name!r})"']],
            '__repr__' => [100, ['def __repr__(self):;return f"@C({self.name!r}, {self.rows})"']],
            '__eq__' => [40, ['def __eq__(self, other):;return self.rows == other.rows', 'def __eq__(self, other):;return isinstance(other, @C) and self.name == other.name']],
            '__lt__' => [35, ['def __lt__(self, other):;return self.rows < other.rows']],
            '__len__' => [30, ['def __len__(self):;return self.rows']],
            '__bool__' => [20, ['def __bool__(self):;return self.rows > 1']],
            '__add__' => [30, ['def __add__(self, other):;return @C(self.name + other.name, self.rows + other.rows)', 'def __add__(self, other):;return self.rows + (other.rows if isinstance(other, A) else other)']],
            '__contains__' => [20, ['def __contains__(self, letter):;return letter in self.name']],
            '__getitem__' => [25, ['def __getitem__(self, place):;return self.name[place]']],
            '__iter__' => [20, ['def __iter__(self):;return iter(self.name)', 'def __iter__(self):;for n in range(self.rows):;;yield n']],
            '__call__' => [25, ['def __call__(self, n=2):;return self.rows * n']],
            'area' => [30, ['@property;def area(self):;;return self.rows * @n', '^@property;def area(self):;;return super().area + 1']],
            'double' => [30, ['@staticmethod;def double(n):;;return n * 2']],
            'make' => [30, ['@classmethod;def make(cls, name="new"):;;return cls(name)']],
            'grow' => [60, ['def grow(self, by=1):;self.rows += by;return self', '^def grow(self, by=1):;super().grow(by * 2);return self']],
            'helper' => [30, ['def helper(self):;return @n']],
            'tell' => [40, ['def tell(self):;return self.name + str(self.rows)', 'def tell(self):;return f"{self.__class__.__name__}:{self.rows}"', '^def tell(self):;return super().tell() + "!"']],
            'total' => [25, ['def total(self):;self.total_ = getattr(self, "total_", 0) + self.rows;return self.total_']],
        ],
        'asked' => [
            'print(@v)', 'print([@v, @w])', 'print(repr(@v))', 'print(@v == @w, @v != @w)', 'print(@v is @w, @v == @v)', 'print(len(@v))', 'print(bool(@v))', 'print(@v + @w)', 'print(@v + 3)', 'print("e" in @v)', 'print(@v[0])', 'print(list(@v))', 'print(@v(3))', 'print(@v.area)', 'print(@c.double(4))',
            'print(@c.make().name)', 'print(@v.grow(2).rows)', 'print(@v.tell())', 'print(@v.helper())', 'print(isinstance(@v, @c), issubclass(@c, A))', 'print(hasattr(@v, "size"), getattr(@v, "extra", "none"))', 'print(@v.__class__.__name__, type(@v) is @c)', 'print(sorted([@v, @w], key=lambda o: o.rows)[0].name)', '@v.rows = 9; print(@v.rows)',
            '@v.fresh = 5; print(@v.fresh)', 'print(vars(@v))', 'print(@v in [@w, @v])', 'print([@w, @v].index(@v))', 'print(f"{@v}", f"{@v!r}", str(@v))', 'print(@v if @w else "no")', 'print("%s" % @v, "{}".format(@w))', 'x = {"k": @v}; print(x["k"].name, x)', 'print(callable(@v))', 'print(@v.total(), @v.total())', 'print(max(@v, @w, key=lambda o: o.rows).name)',
        ],
        'try' => "try:\n    @a\nexcept Exception as e:\n    print(type(e).__name__)\n",
        'new' => "@v = @C(\"@v\")\n",
    ],
    'javascript' => [
        'head' => ['class @C {', 'class @C extends @P {'],
        'first' => "    constructor(name, rows = 1) {\n        this.name = name;\n        this.rows = rows;\n    }",
        'made' => ["    constructor(name, rows = 2) {\n        super(name, rows);\n        this.extra = rows * 2;\n    }", "    constructor(name, ...more) {\n        super(name + '!', ...more);\n    }", ''],
        'members' => [
            'size' => [40, ['size = @n;', 'size = this.name;']],
            'list' => [20, ['list = [];']],
            'count' => [30, ['static count = @n;']],
            'toString' => [50, ['toString() { return `${this.name}/${this.rows}`; }', '^toString() { return "<" + super.toString() + ">"; }', 'toString() { return `${this.constructor.name}(${this.name})`; }']],
            'toJSON' => [20, ['toJSON() { return { n: this.name }; }']],
            'area' => [40, ['get area() { return this.rows * @n; }', '^get area() { return super.area + 1; }']],
            'twice' => [30, ['static twice(n) { return n * 2; }']],
            'made_' => [30, ['static made(name = "new") { return new @C(name); }']],
            'grow' => [60, ['grow(by = 1) { this.rows += by; return this; }', '^grow(by) { super.grow(by * 2); return this; }']],
            'helper' => [30, ['helper() { return @n; }']],
            'tell' => [40, ['tell() { return this.name + this.rows; }', '^tell() { return super.tell() + "!"; }']],
            'iterator' => [20, ['*[Symbol.iterator]() { for (let i = 0; i < this.rows; i++) yield i; }']],
            'add' => [25, ['add = (k) => this.rows + k;']],
        ],
        'asked' => [
            'console.log(String(@v))', 'console.log(`${@v}`)', 'console.log(@v)', 'console.log([@v, @w])', 'console.log("a" + @v)', 'console.log(@v == @w, @v === @v)', 'console.log(@v.area)', 'console.log(@v.grow(2).rows)', 'console.log(@v.tell())', 'console.log(@v.helper())', 'console.log(@v.count)', 'console.log(@v instanceof @c)',
            'console.log("rows" in @v, "tell" in @v, @v.hasOwnProperty("extra"))', 'console.log(@v.constructor.name, @v.constructor === @c)', 'console.log(typeof @v, typeof @c)', 'console.log(JSON.stringify(@v))', 'console.log(JSON.stringify([@v, { x: @w }]))', 'console.log(Object.keys(@v), Object.values(@w).length)', 'for (const k of @v) console.log(k)',
            'console.log(@v.add(2))', '@v.fresh = 5; console.log(@v.fresh, @w.fresh)', 'console.log(@v.size, @v.extra, @v.list)', 'console.log([@v, @w].indexOf(@w), [@v].includes(@v))', 'console.log([@v, @w].map(o => o.name).join("-"))', 'console.log([@v, @w].join())', 'const { name, rows = 9 } = @v; console.log(name, rows)',
            'console.log(Object.assign({}, @v, { k: 1 }))', 'console.log(@v?.nothing?.x)', 'for (const k in @v) console.log(k)', 'console.log(@v ? 1 : 2, !@v)', 'console.log(@v.name.length, @v["name"])', 'console.log(new Map([[@v, 1]]).get(@v), new Set([@v, @v]).size)', '@v.list.push(1); console.log(@v.list, @w.list)',
        ],
        'try' => "try {\n    @a;\n} catch (e) {\n    console.log(e.name);\n}\n",
        'new' => "const @v = new @C(\"@v\");\n",
    ],
];
