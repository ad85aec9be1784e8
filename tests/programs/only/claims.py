def check(n):
    assert n > 0, "n must be positive"
    return n * 2
try:
    print(check(4))
    print(check(-1))
except AssertionError as e:
    print("assertion:", e)
try:
    x = [1, 2, 3]
    print(x[10])
except (IndexError, KeyError) as e:
    print("lookup failed:", e)
try:
    try:
        print(1 // 0)
    except ZeroDivisionError:
        print("inner")
        raise
except ArithmeticError as e:
    print("outer", e)
def f():
    for i in range(3):
        try:
            if i == 1:
                return "early"
            print("loop", i)
        finally:
            print("cleanup", i)
print(f())
try:
    print(int("u"))
except ValueError as e:
    print(e)
try:
    print([1].index(4))
except ValueError as e:
    print(e)
try:
    print(int("4.5"))
except Exception as e:
    print("caught", str(e))
