class InsufficientFunds(Exception):
    """Raised when there's not enough in the jar."""
    def __init__(self, wanted, available):
        super().__init__(f"wanted {wanted}, only {available}")
        self.shortfall = wanted - available


class Jar:
    count = 0
    rate = 0.05

    def __init__(self, owner: str, balance: float = 0) -> None:
        self.owner = owner
        self._balance = balance
        self.history: list[tuple[str, float]] = []
        Jar.count += 1

    @property
    def balance(self) -> float:
        return self._balance

    @balance.setter
    def balance(self, value):
        if value < 0:
            raise ValueError("negative")
        self._balance = value

    def pay_in(self, amount):
        self._balance += amount
        self.history.append(("in", amount))
        return self

    def take(self, amount):
        if amount > self._balance:
            raise InsufficientFunds(amount, self._balance)
        self._balance -= amount
        self.history.append(("out", amount))
        return self

    def __str__(self):
        return f"{self.owner}: {self._balance:.2f}"

    def __repr__(self):
        return f"Jar({self.owner!r}, {self._balance})"

    def __eq__(self, other):
        return isinstance(other, Jar) and self._balance == other._balance

    def __lt__(self, other):
        return self._balance < other._balance

    @staticmethod
    def valid(amount):
        return amount > 0

    @classmethod
    def joint(cls, *owners):
        return cls(" & ".join(owners), 1)


class SavingJar(Jar):
    rate = 0.1

    def add_interest(self):
        self.pay_in(self.balance * self.rate)

    def __str__(self):
        return "[S] " + super().__str__()


a = Jar("Juniper", 20)
b = SavingJar("Rowan", 100)
b.add_interest()
a.pay_in(5).take(2)
print(a, b, sep="\n")
try:
    a.take(1000)
except InsufficientFunds as e:
    print("sorry:", e, e.shortfall)
finally:
    print("checked")
try:
    a.balance = -1
except ValueError:
    print("no negatives")
jars = [a, b, Jar.joint("Fern", "Holly")]
print(sorted(jars), max(jars), Jar.count, SavingJar.rate, Jar.valid(-1), a == Jar("x", 23))
print(a.history, issubclass(SavingJar, Jar), type(b).__name__, hasattr(a, "owner"), getattr(a, "colour", "none"))
