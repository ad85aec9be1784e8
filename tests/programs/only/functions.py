def label(name, count=1, open=False):
    """What stands on the label."""
    text = name + " x" + str(count)
    if open:
        text += " (open)"
    return text


def nothing():
    pass


def early(n):
    if n < 0:
        return
    print("not below", n)


print(label("pea"), label("bean", 3), label("kale", open=True), label(count=5, name="corn"))
print(nothing(), early(2), early(-1))
double = lambda n: n * 2
print(double(4), double(1))


def apply(action, value):
    return action(value)


print(apply(double, 5), apply(lambda n: -n, 5), list(map(double, [1, 2])), list(filter(lambda n: n > 1, [1, 2, 3])))
a = b = 3
a += 1
print(a, b)
