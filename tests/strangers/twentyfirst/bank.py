from abc import ABC, abstractmethod
from dataclasses import dataclass, field
from typing import Dict, List, Optional


class InsufficientSeeds(Exception):
    pass


@dataclass
class Entry:
    kind: str
    amount: int
    note: str = ""


@dataclass
class Account:
    owner: str
    seeds: int = 0
    entries: List[Entry] = field(default_factory=list)

    def deposit(self, amount: int, note: str = "") -> None:
        if amount <= 0:
            raise ValueError(f"cannot deposit {amount}")
        self.seeds += amount
        self.entries.append(Entry("in", amount, note))

    def withdraw(self, amount: int) -> None:
        if amount > self.seeds:
            raise InsufficientSeeds(f"{self.owner} has {self.seeds}, wants {amount}")
        self.seeds -= amount
        self.entries.append(Entry("out", amount))


class Report(ABC):
    @abstractmethod
    def lines(self, account: Account) -> List[str]:
        ...

    def show(self, account: Account) -> None:
        print("\n".join(self.lines(account)))


class ShortReport(Report):
    def lines(self, account):
        return [f"{account.owner}: {account.seeds}"]


class LongReport(ShortReport):
    def lines(self, account):
        first = super().lines(account)
        return first + [f"  {e.kind:>4} {e.amount:5d} {e.note}".rstrip() for e in account.entries]


bank: Dict[str, Account] = {}


def account(name: str) -> Account:
    if name not in bank:
        bank[name] = Account(name)
    return bank[name]


def transfer(source: str, target: str, amount: int) -> bool:
    try:
        account(source).withdraw(amount)
    except InsufficientSeeds as problem:
        print("refused:", problem)
        return False
    else:
        account(target).deposit(amount, f"from {source}")
        return True
    finally:
        print("-" * 10)


account("Ada").deposit(50, "harvest")
account("Bo").deposit(20)
print(transfer("Ada", "Bo", 30), transfer("Bo", "Ada", 500))
for r in (ShortReport(), LongReport()):
    for name in sorted(bank):
        r.show(bank[name])
try:
    account("Cy").deposit(-1)
except ValueError as e:
    print(type(e).__name__, e)
print(Entry("in", 1) == Entry("in", 1), Entry("in", 2))
found: Optional[Account] = bank.get("Zed")
print(found is None, bank["Bo"])
