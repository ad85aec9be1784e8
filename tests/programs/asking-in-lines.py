total = 0
count = int(input("How many? "))
for number in range(count):
    total += float(input(f"Height {number + 1}: "))
print("mean:", total / count)
name = input().strip()
print("Thank you,", name + "!")
a, b = map(int, input().split())
print(a + b)
numbers = [int(n) for n in input().split(",")]
print(numbers, sum(numbers), int("  42 "), float(" 1e3 "), int("-7"), int("101", 2))
