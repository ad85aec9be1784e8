for t in [[1], [1, 2, 3], "ab", [], range(3)]:
    try:
        a, b = t
        print(a, b)
    except ValueError as e:
        print("Error:", e)
    try:
        a, *b, c = t
        print(a, b, c)
    except ValueError as e:
        print("Error:", e)
for row in [(1, 2), (3,)]:
    try:
        for x, y in [row]: print(x, y)
    except ValueError as e:
        print(e)
