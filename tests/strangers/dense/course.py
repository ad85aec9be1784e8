import random, math, time, string
# A school's adventure, written by a pupil
rooms = {
    "hall": {"desc": "A long hall.", "exits": {"north": "shed", "east": "pond"}, "items": ["lamp"]},
    "shed": {"desc": "Dusty tools.", "exits": {"south": "hall"}, "items": ["spade", "rope"]},
    "pond": {"desc": "Frogs!", "exits": {"west": "hall"}, "items": []},
}
here = "hall"
bag = []
score = 0
moves = ["look", "take lamp", "go north", "take spade", "drop lamp", "go west", "go south", "inventory", "dance", "quit"]
for number, command in enumerate(moves):
    print(f"{number + 1:>2}> {command}")
    verb, _, noun = command.partition(" ")
    room = rooms[here]
    if verb == "look":
        print(room["desc"], "You see:", ", ".join(room["items"]) or "nothing")
    elif verb == "go":
        if noun in room["exits"]:
            here = room["exits"][noun]
            score += 1
            print("You are in the", here)
        else:
            print("You can't go", noun)
    elif verb == "take":
        if noun in room["items"]:
            room["items"].remove(noun)
            bag.append(noun)
        else:
            print("No", noun)
    elif verb == "drop" and noun in bag:
        bag.remove(noun); room["items"].append(noun)
    elif verb == "inventory":
        print("You carry:", *bag)
    elif verb == "quit":
        break
    else:
        print("I don't know how to", verb)
print("Score:", score, "bag:", bag, rooms["shed"]["items"])

# marks
marks = [("Ann", 12), ("Bob", 18), ("Cy", 9)]
total = 0
highest = marks[0][1]
best = ""
for name, mark in marks:
    total = total + mark
    if mark >= highest:
        highest, best = mark, name
average = total / len(marks)
print("Average: " + str(round(average, 1)), "Best:", best, str(highest) + "/20")
print("{0:<5}|{1:^7}|".format("ab", 3.14159))
print("%s is %d years and %.1f%%" % ("Ann", 12, 99.5))
print(str(3) + "3", int("3") + 3, "3" * 3, float("2.50"), "%05.1f" % 3.14159, "{:>8}".format("hi"), "{:,.2f}".format(1234.5), f"{12:b} {12:o} {12:X} {0.25:%} {1e-7} {123456789.0}")
code = ""
for ch in "Hello, World!":
    if ch.isalpha():
        base = ord("A") if ch.isupper() else ord("a")
        code += chr((ord(ch) - base + 3) % 26 + base)
    else:
        code += ch
print(code, code[::-1].swapcase(), code.count("o"), code.split(", "))
nums = [4, 8, 15, 16, 23, 42]
low, high, target, steps = 0, len(nums) - 1, 23, 0
while low <= high:
    mid = (low + high) // 2
    steps += 1
    if nums[mid] == target: break
    elif nums[mid] < target: low = mid + 1
    else: high = mid - 1
print("found at", mid, "in", steps)
for i in range(len(nums) - 1, 0, -1):
    for j in range(i):
        if nums[j] < nums[j + 1]:
            nums[j], nums[j + 1] = nums[j + 1], nums[j]
print(nums, sorted(nums), nums, sum(nums) / len(nums), max(nums) - min(nums))
for row in range(1, 4):
    for col in range(1, 4):
        print(row * col, end="\t")
    print()
for i in range(5): print(" " * (4 - i) + "*" * (2 * i + 1))
binary = ""
n = 37
while n > 0:
    binary = str(n % 2) + binary
    n //= 2
print(binary, int(binary, 2), bin(37), 0b100101, hex(37), 0x25, 37 & 5, 37 | 2, 37 ^ 1, ~37, 37 >> 2, 37 << 1)
primes = []
for n in range(2, 40):
    for p in primes:
        if p * p > n: primes.append(n); break
        if n % p == 0: break
    else:
        primes.append(n)
print(primes)
password = "Gard3n!"
checks = {"length": len(password) >= 8, "digit": any(c.isdigit() for c in password), "upper": any(c.isupper() for c in password), "punct": any(c in string.punctuation for c in password)}
print(checks, all(checks.values()), [k for k, ok in checks.items() if not ok])
def is_leap(y): return y % 4 == 0 and (y % 100 != 0 or y % 400 == 0)
print([y for y in (1900, 2000, 2023, 2024) if is_leap(y)], math.floor(-2.5), math.ceil(2.1), math.sqrt(16), math.pi, math.pow(2, 3), math.factorial(5), math.gcd(12, 18), round(math.sin(math.pi / 2), 3), math.log10(1000), math.hypot(3, 4), math.trunc(-2.7))
def recur(n):
    if n == 0: return []
    return [n] + recur(n - 1)
print(recur(4), sum(recur(10)), "".join(map(str, recur(5))))
a = set("hello"); b = {"l", "o", "x"}
print(sorted(a & b), sorted(a | b), sorted(a - b), sorted(a ^ b), {1, 2} <= {1, 2, 3}, len(a), "h" in a)
t = (3, 1, 2); x, y, z = t; print(t[0], t[-1], t[1:], sorted(t), x + y * z, (1, 2) + (3,), tuple([1]), t.index(2), t.count(3))
s = "  The quick brown fox  "; print(s.strip().title(), s.split(), len(s), s.upper().strip(), s.replace(" ", ""), s.find("quick"), "fox" in s, s.strip()[4:9], s.strip().startswith("The"), "-".join(s.split()).lower(), s.strip().capitalize(), s.isspace(), "a,b;c".replace(";", ",").split(","))
