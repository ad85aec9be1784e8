class Bank:
    def __init__(self):
        self.money = 5
    def take(self, n):
        if n > self.money:
            raise PermissionError("not enough")
        self.money -= n
b = Bank()
try:
    b.take(9)
except PermissionError as e:
    print("no:", e)
it = iter([1])
next(it)
try:
    next(it)
except StopIteration:
    print("end")
try:
    raise FileNotFoundError("no file")
except (FileNotFoundError, OSError) as e:
    print(type(e).__name__, e)
try:
    raise TimeoutError("late")
except OSError as e:
    print(e)
except Exception as e:
    print("other", e)
class Shy:
    def __init__(self): self.a = 1
try:
    s = Shy()
    print(getattr(s, "b"))
except AttributeError as e:
    print(e)
try:
    raise AttributeError("mine")
except AttributeError as e:
    print("mine:", e)
