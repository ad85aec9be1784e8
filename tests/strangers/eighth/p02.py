import random

random.seed(7)
rolls = [random.randint(1, 6) for _ in range(20)]
print(rolls)
tally = [0] * 7
for r in rolls:
    tally[r] += 1
for face in range(1, 7):
    print(face, "#" * tally[face], f"({tally[face] / len(rolls):.1%})")
names = ["Ash", "Bay", "Fir", "Yew"]
random.shuffle(names)
print(names, random.choice(names), random.sample(range(50), 4))
print(round(random.random(), 6), round(random.uniform(2, 5), 4), random.randrange(0, 100, 5))
