for n in range(2, 12):
    for d in range(2, n):
        if n % d == 0:
            print(n, "=", d, "*", n // d)
            break
    else:
        print(n, "is prime")
i = 0
while i < 3:
    i += 1
else:
    print("loop ended", i)
