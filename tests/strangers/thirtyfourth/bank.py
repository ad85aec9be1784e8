# A bank, with exceptions of its own
class BankError(Exception):
    pass
class Insufficient(BankError):
    def __init__(self, needed, available):
        super().__init__(f"need {needed}, have {available}")
        self.needed = needed
        self.available = available
    @property
    def missing(self): return self.needed - self.available

class Account:
    interest = 0.02
    def __init__(self, owner, balance=0):
        self.owner = owner
        self.__balance = balance
        self._log = []
    @property
    def balance(self):
        return self.__balance
    @balance.setter
    def balance(self, value):
        if value < 0:
            raise BankError("balance cannot be negative")
        self.__balance = value
    def deposit(self, amount):
        if amount <= 0:
            raise ValueError("deposit must be positive, not %d" % amount)
        self.balance += amount
        self._log.append(("in", amount))
    def withdraw(self, amount):
        if amount > self.balance:
            raise Insufficient(amount, self.balance)
        self.balance -= amount
        self._log.append(("out", amount))
    @classmethod
    def from_text(cls, text):
        owner, _, amount = text.partition(":")
        return cls(owner, int(amount or 0))
    @staticmethod
    def valid(name): return name.istitle() and len(name) > 1
    def __len__(self): return len(self._log)
    def __bool__(self): return True
    def __iter__(self): return iter(self._log)
    def __eq__(self, other): return isinstance(other, Account) and self.owner == other.owner

a = Account.from_text("Ada:50"); b = Account.from_text("Bo")
for action, amount in [(a.deposit, 20), (a.withdraw, 100), (b.deposit, -5), (a.withdraw, 30), (b.withdraw, 1)]:
    try:
        action(amount)
    except Insufficient as e:
        print("insufficient:", e, "missing", e.missing)
    except (ValueError, BankError) as e:
        print(type(e).__name__ + ":", e)
    else:
        print("ok", a.balance, b.balance)
    finally:
        print("-", len(a), len(b))
for kind, amount in a: print(kind.rjust(5), amount)
try:
    a.balance = -1
except BankError as e: print(e)
print(Account.valid("Ada"), Account.valid("ada"), a == Account("Ada"), a != b, bool(b), hasattr(a, "owner"), getattr(a, "nothing", "?"))
print(round(a.balance * (1 + a.interest) ** 3, 2))
a.interest = .5
print(Account.interest, a.interest, b.interest)
raise Insufficient(3, 2)
