def make_counter():
    count = 0
    def step():
        nonlocal count
        count += 1
        return count
    return step

c = make_counter()
c(); c()
print(c())

def outer(x):
    def square(y):
        return y * y
    return square(x) + 1
print(outer(5))
