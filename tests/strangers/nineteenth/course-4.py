# numbers and loops, procedural, little functions, prints everywhere
total = 0
count = 0
numbers = [4, 8, 15, 16, 23, 42]
for number in numbers:
    total = total + number
    count = count + 1
average = total / count
print("Total is " + str(total) + " and average is " + str(average))
print("Rounded: " + str(round(average, 1)))
largest = numbers[0]
smallest = numbers[0]
for i in range(1, len(numbers)):
    if numbers[i] > largest:
        largest = numbers[i]
    if numbers[i] < smallest:
        smallest = numbers[i]
print("Largest", largest, "Smallest", smallest)
even_numbers = []
odd_numbers = []
for n in numbers:
    if n % 2 == 0:
        even_numbers.append(n)
    else:
        odd_numbers.append(n)
print(even_numbers, odd_numbers, len(even_numbers), len(odd_numbers))
for row in range(1, 4):
    for col in range(1, 4):
        print(row * col, end="\t")
    print()
n = 5
while n > 0:
    print(n, "green bottles" if n != 1 else "green bottle")
    n -= 1
word = "racecar"
backwards = ""
for letter in word:
    backwards = letter + backwards
if word == backwards: print(word, "is a palindrome")
print(word[::-1], word[1:4], word[-3:], word.find("c"), word.replace("r", "R"), word.count("a"), word.capitalize(), word.index("e"))
sentence = "the quick brown fox"
print(len(sentence.split()), sentence.title(), sentence.split()[1].upper(), " ".join(reversed(sentence.split())))
vowels = 0
for ch in sentence:
    if ch in "aeiou": vowels += 1
print("Vowels:", vowels)
a, b = 0, 1
fibs = []
while a < 50:
    fibs.append(a)
    a, b = b, a + b
print(fibs)
secret = 37
guesses = [50, 25, 37]
for turn, guess in enumerate(guesses, 1):
    if guess == secret:
        print(f"Got it in {turn}!")
        break
    print("Too", "high" if guess > secret else "low")
else:
    print("Out of guesses")
table = [["Mon", 3], ["Tue", 5], ["Wed", 2]]
for day, hours in table: print(day.ljust(5) + "*" * hours)
table.sort(key=lambda x: x[1])
print(table, table[-1][0])
del table[0]
table.insert(0, ["Sun", 0])
print(table, ["Tue", 5] in table)
matrix = [[0] * 3 for _ in range(3)]
for i in range(3): matrix[i][i] = 1
for row in matrix: print(*row)
temps = {"Mon": 12.5, "Tue": 14, "Wed": 9.25}
for day in temps: print(day, temps[day])
print(max(temps.values()), sum(temps.values()) / len(temps), "Thu" in temps, temps.get("Thu", "n/a"), list(temps.keys()), temps.items())
temps["Thu"] = 11; temps.pop("Mon"); print(temps)
print(10 // 3, 10 % 3, 2 ** 5, 10 / 4, int("12") + 3, float("2.5"), abs(-4), min(3, 1, 2), type(3).__name__, type("a"), bool(0), 1_000)
x = 7
print("x is", "small" if x < 5 else "medium" if x < 10 else "large")
print(not True or False and True, 3 < x < 10, x is not None, 5 == 5.0, "a" * 3 + "b")
print(f"{x:03d}|{x:<5}|{x:^5}|{3.14159:.3f}|{1e6:,.0f}|{0.5:.0%}|{'hi':>6}|{x=}")
print("She said \"hi\"", 'it\'s', "tab\there", "new\\nline", r"raw\n", """multi
line""")
