number = 36
divisors = []
for candidate in range(1, number + 1):
    if number % candidate == 0:
        divisors.append(candidate)
print(len(divisors))
print(divisors[0], divisors[-1])
print(sum(divisors) > 2 * number)
