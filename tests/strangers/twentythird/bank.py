"""Bank account simulation with classes and our own exceptions."""


class BankError(Exception):
    pass


class NotEnoughMoney(BankError):
    def __init__(self, account, wanted):
        super().__init__(f"{account.owner} wants {wanted:.2f} but has {account.balance:.2f}")
        self.account = account
        self.missing = wanted - account.balance


class Account:
    _next_number = 1000

    def __init__(self, owner: str, balance: float = 0.0) -> None:
        self.owner = owner
        self._balance = balance
        self.number = Account._next_number
        Account._next_number += 1
        self.history: list[tuple[str, float]] = []

    @property
    def balance(self) -> float:
        return self._balance

    @balance.setter
    def balance(self, value: float) -> None:
        if value < 0:
            raise BankError("a balance can't be negative")
        self._balance = value

    def deposit(self, amount: float) -> "Account":
        if amount <= 0:
            raise ValueError("deposit must be positive")
        self.balance += amount
        self.history.append(("deposit", amount))
        return self

    def withdraw(self, amount: float) -> float:
        if amount > self.balance:
            raise NotEnoughMoney(self, amount)
        self.balance -= amount
        self.history.append(("withdraw", amount))
        return amount

    def __str__(self) -> str:
        return f"#{self.number} {self.owner:<8} {self.balance:>9,.2f}"


class Savings(Account):
    def __init__(self, owner, balance=0.0, rate=0.02):
        super().__init__(owner, balance)
        self.rate = rate

    def year_end(self):
        interest = round(self.balance * self.rate, 2)
        if interest:
            self.deposit(interest)
        return interest

    def __str__(self):
        return super().__str__() + f" ({self.rate:.1%})"


class Student(Account):
    FREE = 3

    def withdraw(self, amount):
        used = sum(1 for kind, _ in self.history if kind == "withdraw")
        fee = 0 if used < self.FREE else 0.5
        return super().withdraw(amount + fee)


def transfer(source, target, amount):
    try:
        source.withdraw(amount)
    except NotEnoughMoney as problem:
        print("  refused:", problem)
        print(f"  missing: {problem.missing:.2f}")
        return False
    else:
        target.deposit(amount)
        return True
    finally:
        print(f"  transfer of {amount} done with")


accounts = [Account("Hazel", 120), Savings("Linden", 1500, rate=0.035), Student("Fern", 20)]
for a in accounts:
    print(a)
hazel, linden, fern = accounts
print(transfer(hazel, fern, 50))
print(transfer(hazel, fern, 500))
for _ in range(5):
    fern.withdraw(2)
print(linden.year_end(), fern.balance)
for bad in (0, -5, "ten"):
    try:
        hazel.deposit(bad)
    except (ValueError, TypeError) as e:
        print(type(e).__name__, "-", e)
try:
    hazel.balance = -1
except BankError as e:
    print("BankError:", e)
print(isinstance(fern, Account), isinstance(hazel, Savings), issubclass(NotEnoughMoney, BankError))
print(*accounts, sep="\n")
print(sum(a.balance for a in accounts))
print(fern.history[-1], len(fern.history))
