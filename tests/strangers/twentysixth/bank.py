import functools
import contextlib

LOG = []

def logged(func):
    @functools.wraps(func)
    def wrapper(*args, **kwargs):
        LOG.append(func.__name__)
        result = func(*args, **kwargs)
        LOG.append(f"{func.__name__} done")
        return result
    return wrapper

def retry(times):
    def decorate(func):
        def inner(*args):
            for attempt in range(1, times + 1):
                try:
                    return func(*args)
                except ConnectionError as e:
                    print(f"attempt {attempt}: {e}")
            raise TimeoutError("gave up after %d" % times)
        return inner
    return decorate

class InsufficientFunds(Exception):
    def __init__(self, need, have):
        super().__init__(f"need {need}, have {have}")
        self.missing = need - have

class Account:
    count = 0
    def __init__(self, owner, balance=0):
        self.owner, self.__balance = owner, balance
        Account.count += 1
        self.number = f"F{Account.count:03}"
    @property
    def balance(self): return self.__balance
    @balance.setter
    def balance(self, value):
        if value < 0: raise InsufficientFunds(-value + self.__balance, self.__balance)
        self.__balance = value
    @logged
    def withdraw(self, amount): self.balance -= amount; return amount
    @logged
    def deposit(self, amount, *, note=""):
        self.balance += amount
        return note or "no note"
    def __enter__(self): print("open", self.number); return self
    def __exit__(self, kind, value, trace):
        print("close", self.number, kind.__name__ if kind else "ok")
        return kind is InsufficientFunds

a = Account("Odo", 50)
print(a.withdraw(20), a.balance, a.deposit(5, note="gift"), a.deposit(1))
with a as acc:
    acc.withdraw(500)
    print("never")
print(a.balance)
with Account("Pia") as p:
    print(p.owner, p.number, Account.count)
try: a.withdraw(100)
except InsufficientFunds as e: print(e, e.missing)
finally: print("finally")
print(LOG)
calls = {"n": 0}
@retry(3)
def flaky(limit):
    calls["n"] += 1
    if calls["n"] < limit: raise ConnectionError("no answer")
    return f"ok after {calls['n']}"
print(flaky(3))
try: flaky(99)
except TimeoutError as e: print("TimeoutError:", e)
@functools.lru_cache(maxsize=None)
def ways(n): return 1 if n < 2 else ways(n - 1) + ways(n - 2)
print(ways(60))
@contextlib.contextmanager
def section(title):
    print(f"<{title}>")
    yield title.upper()
    print(f"</{title}>")
with section("beds") as s: print(s)
add5 = functools.partial(lambda a, b: a + b, 5)
print(add5(10), list(map(functools.partial(pow, 2), range(5))))
try: a.__balance
except AttributeError as e: print("hidden")
