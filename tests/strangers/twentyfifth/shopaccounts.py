class Account:
    """A bank account for the school shop."""
    interest = 0.02
    _next = 100

    def __init__(self, owner, balance=0):
        self.owner = owner
        self.__balance = balance
        self.number = Account._next
        Account._next += 1
        self.transactions = []

    def deposit(self, amount):
        if amount <= 0:
            raise ValueError("Deposit must be positive")
        self.__balance += amount
        self.transactions.append(("deposit", amount))

    def withdraw(self, amount):
        if amount > self.__balance:
            raise InsufficientFunds(self, amount)
        self.__balance -= amount
        self.transactions.append(("withdraw", amount))

    def get_balance(self):
        return self.__balance

    balance = property(get_balance)

    def __str__(self):
        return "Account %d of %s: %.2f" % (self.number, self.owner, self.__balance)

    def __repr__(self):
        return f"Account({self.owner!r}, {self.__balance})"

    def __eq__(self, other):
        return isinstance(other, Account) and self.number == other.number

    def __lt__(self, other):
        return self.balance < other.balance

    def __add__(self, other):
        return Account(self.owner + "&" + other.owner, self.balance + other.balance)

    @classmethod
    def from_text(cls, text):
        owner, amount = text.split(":")
        return cls(owner.strip(), float(amount))

    @staticmethod
    def is_valid(amount):
        return isinstance(amount, (int, float)) and amount > 0


class SavingsAccount(Account):
    interest = 0.05

    def add_interest(self, years=1):
        for _ in range(years):
            self.deposit(self.balance * self.interest)


class InsufficientFunds(Exception):
    def __init__(self, account, amount):
        super().__init__(f"{account.owner} has only {account.balance}")
        self.missing = amount - account.balance


a = Account("Moss", 50)
b = SavingsAccount.from_text("Ivy : 100")
for what in (lambda: a.withdraw(80), lambda: a.deposit(-1), lambda: b.add_interest(2), lambda: a.withdraw(20)):
    try:
        what()
    except InsufficientFunds as e:
        print("Refused:", e, "missing", e.missing)
    except ValueError as e:
        print("Error:", e)
    else:
        print("ok")
    finally:
        print(a, "|", b)
print(sorted([b, a]), max(a, b).owner, a == b, a != a)
c = a + b
print(c, c.number, type(c).__name__, isinstance(b, Account), issubclass(SavingsAccount, Account))
print(Account.is_valid(3), Account.is_valid("3"), b.transactions[-1][0], hasattr(a, "owner"), hasattr(a, "colour"))
try:
    print(a.__balance)
except AttributeError as e:
    print(type(e).__name__)
try:
    a.balance = 5
except AttributeError:
    print("cannot set")
print(a.__class__.__name__, a.interest, b.interest, SavingsAccount.__mro__[1].__name__)
