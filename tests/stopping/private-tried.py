class _Safe:
    __made = 0
    def __init__(self, code):
        self.__code = code
        self.__tries = 0
        _Safe.__made += 1

    def __check(self, code):
        self.__tries += 1
        return code == self.__code

    def open(self, code):
        return f"{'open' if self.__check(code) else 'shut'} after {self.__tries}"

    def __repr__(self):
        return f"Safe({self.__tries!r})"

    @property
    def tries(self):
        return self.__tries

    @staticmethod
    def made():
        return _Safe.__made

s = _Safe("1234")
print(s.open("1"), s.open("1234"), s)
for name in ("__code", "_Safe__code", "tries"):
    print(name, hasattr(s, name))
try:
    print(s.__code)
except AttributeError as e:
    print("Error:", e)
try:
    s.__check("1")
except AttributeError as e:
    print("Error:", e)
s.__code = "other"
print(s.open("1234"), s.__code)
print(s._Safe__code, s._Safe__check("9"))
print(_Safe.made(), _Safe("2").tries, _Safe.made())
