import random
random.seed("fernhollow")
print(random.sample([1, 2, 3, 4, 5], 5), random.sample(range(1000), 8), random.choices(["a", "b", "c"], k=6))
x = [1, 2, 3, 4, 5, 6, 7]
random.shuffle(x)
print(x, random.choice("abcdef"), random.randrange(5, 50, 7), random.randint(-3, 3), random.random(), random.uniform(-1, 1))
random.seed(2026)
print([random.randint(1, 100) for _ in range(12)])
from random import seed, sample
seed(5)
print(sample("garden", 3))
