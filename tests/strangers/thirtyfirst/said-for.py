class A:
    """A thing.

    More of it."""
    def f(self):
        "does"
        return 1
class B:
    x = 1
def g(a, b=2):
    # remark

    '''Adds.'''
    return a + b
print(A.__doc__, B.__doc__, g.__doc__)
print(A().f())
