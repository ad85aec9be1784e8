for f in (lambda: [1] - [2], lambda: {} * 2, lambda: "a" - 1, lambda: 3 / "x", lambda: None + 1, lambda: [1] + 2, lambda: -"a", lambda: 2 ** "x", lambda: 5 % [], lambda: 7 // None, lambda: "a" * "b", lambda: (1,) + [2], lambda: 1 < "a", lambda: [1] < (2,)):
    try:
        print(f())
    except TypeError as e:
        print(e)
