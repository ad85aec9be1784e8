def f(p):
    match p:
        case (x, 0) | (0, x) | (x, 1, _):
            return f"axis {x}"
        case {"a": v} | {"b": v} if v > 2:
            return f"map {v}"
        case [n] | {"n": n}:
            return f"n {n}"
    return "none"
for p in [(3, 0), (0, 4), (7, 1, 2), {"b": 5}, {"a": 1}, {"a": 4}, [2], {"n": 9}, 4]:
    print(f(p))
