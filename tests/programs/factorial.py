def factorial(n):
    if n <= 1:
        return 1
    return n * factorial(n - 1)

for n in range(1, 11):
    print(n, factorial(n))
