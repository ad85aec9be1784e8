from typing import ClassVar
class Account:
    count: int = 0
    bank: str = "Fern"
    owner: str
    LIMITS: ClassVar[list[int]] = [1, 2]

    def __init__(self, owner: str, balance: float = 0.0) -> None:
        self.owner: str = owner
        self.balance: float = balance
        Account.count += 1

    def show(self) -> str:
        return f"{self.owner} {self.balance:.2f} {self.bank} {Account.count}"

a = Account("Kai")
b = Account("Mo", 5)
print(a.show(), b.show(), Account.LIMITS, a.count)
a.bank = "Moss"
print(a.show(), b.show())
