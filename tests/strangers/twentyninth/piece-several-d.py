import functools, operator
from functools import partial
print(functools.partial(pow, 2)(10))
double = partial(operator.mul, 2)
print(double(7))
def greet(greeting, name, mark="!"):
    return f"{greeting} {name}{mark}"
