def is_prime(n):
    if n < 2:
        return False
    divisor = 2
    while divisor * divisor <= n:
        if n % divisor == 0:
            return False
        divisor += 1
    return True

found = 0
number = 2
while found < 8:
    if is_prime(number):
        print(number)
        found += 1
    number += 1
