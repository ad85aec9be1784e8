def countdown(n):
    while n:
        yield n
        n -= 1
    return "x"
def two():
    yield 1
    if True:
        return None
    yield 2
def pr():
    print("start")
    yield 1
    return 5
print(list(countdown(3)), list(two()), [x for x in pr()], sum(countdown(4)))
