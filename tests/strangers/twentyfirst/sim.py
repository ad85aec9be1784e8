class Plant:
    count = 0

    def __init__(self, name, water=5):
        self.name = name
        self.water = water
        self.alive = True
        Plant.count += 1

    @property
    def thirsty(self):
        return self.water < 3

    @thirsty.setter
    def thirsty(self, value):
        self.water = 0 if value else 10

    @staticmethod
    def label(n):
        return f"plant #{n}"

    @classmethod
    def seedling(cls, name):
        return cls(name, 2)

    def __repr__(self):
        return f"<{self.name} {self.water}{'' if self.alive else ' dead'}>"

    def __lt__(self, other):
        return (self.water, self.name) < (other.water, other.name)


class Cactus(Plant):
    def __init__(self, name):
        super().__init__(name, 9)
        self.__spines = 40

    @property
    def thirsty(self):
        return False

    def prick(self):
        self.__spines -= 1
        return self.__spines


def day(plants, *, sun=1, rain=0):
    for p in plants:
        p.water += rain - sun
        if p.water < 0:
            p.water, p.alive = 0, False
    return [p for p in plants if p.alive]


plants = [Plant("pea"), Plant.seedling("bean"), Cactus("spike")]
for d in range(1, 5):
    plants = day(plants, sun=2, rain=d % 2)
    print(d, plants, any(p.thirsty for p in plants), all(p.alive for p in plants))
print(sorted(plants), min(plants), Plant.count, Plant.label(3))
plants[0].water = 1
print(plants[0].thirsty, plants[0].prick() if isinstance(plants[0], Cactus) else "-")
bean = Plant("bean")
bean.thirsty = True
print(bean, bean.thirsty, hasattr(bean, "water"), getattr(bean, "colour", "none"))
print([type(p).__name__ for p in plants], isinstance(bean, (Cactus, Plant)))
