import sys

def primes(limit):
    """Sieve."""
    marks = [True] * (limit + 1)
    marks[0] = marks[1] = False
    for i in range(2, int(limit ** 0.5) + 1):
        if marks[i]:
            for j in range(i * i, limit + 1, i):
                marks[j] = False
    return [i for i, is_prime in enumerate(marks) if is_prime]

def main():
    ps = primes(50)
    print(*ps)
    print(len(ps), "primes", file=sys.stdout)
    for n in range(2, 12):
        for p in ps:
            if p * p > n:
                print(n, "is prime")
                break
            if n % p == 0:
                print(n, "=", p, "*", n // p)
                break
        else:
            print("never")
    return 0

if __name__ == "__main__":
    sys.exit(main())
