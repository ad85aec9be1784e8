for f in (lambda: int('x'), lambda: [][1], lambda: {}['a'], lambda: 1 / 0):
    try:
        f()
    except Exception as e:
        print(type(e), e, sep=': ')
        print(f"{type(e)} and {type(e).__name__}")
try:
    int("q")
except ValueError as err:
    print("Error:", type(err), str(err))
