limit = 60
prime = [True] * (limit + 1)
prime[0] = prime[1] = False
for number in range(2, int(limit ** 0.5) + 1):
    if prime[number]:
        for multiple in range(number * number, limit + 1, number):
            prime[multiple] = False
print([number for number in range(limit + 1) if prime[number]])
