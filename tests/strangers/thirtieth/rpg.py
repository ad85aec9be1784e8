from dataclasses import dataclass
from typing import Optional


@dataclass
class Weapon:
    name: str
    damage: int = 1

    def __str__(self):
        return f"{self.name} ({self.damage})"


class Character:
    all = []

    def __init__(self, name, health=10, weapon: Optional[Weapon] = None):
        self.name = name
        self._health = health
        self.weapon = weapon or Weapon("hands")
        Character.all.append(self)

    @property
    def health(self):
        return self._health

    @health.setter
    def health(self, value):
        self._health = max(0, min(value, 20))
        if self._health == 0:
            print(f"  {self.name} is out!")

    @property
    def alive(self):
        return self.health > 0

    def attack(self, other):
        damage = self.weapon.damage + self.bonus()
        print(f"  {self.name} hits {other.name} with {self.weapon} for {damage}")
        other.health -= damage

    def bonus(self):
        return 0

    def __repr__(self):
        return f"<{self.__class__.__name__} {self.name} {self.health}>"


class Knight(Character):
    def __init__(self, name, shield=2, **kwargs):
        super().__init__(name, **kwargs)
        self.shield = shield

    @Character.health.setter
    def health(self, value):
        if value < self._health and self.shield:
            value += self.shield
            self.shield -= 1
        self._health = max(0, value)


class Wizard(Character):
    mana = 3

    def bonus(self):
        if self.mana <= 0:
            return 0
        self.mana -= 1
        return 4


def fight(a, b):
    round_no = 1
    while a.alive and b.alive:
        print("Round", round_no)
        a.attack(b)
        if not b.alive:
            break
        b.attack(a)
        round_no += 1
    return a if a.alive else b


k = Knight("Tam", weapon=Weapon("rake", 3), health=12)
w = Wizard("Mina")
winner = fight(k, w)
print(winner.name, "wins", Character.all, Wizard.mana, w.mana)
