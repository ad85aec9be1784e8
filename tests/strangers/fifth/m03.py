num = int(input())
for i in range(2, num):
    if num % i == 0:
        print(num, "is not prime because", i, "divides it")
        break
else:
    print(num, "is prime")
rev = 0
n = num
while n:
    rev = rev * 10 + n % 10
    n //= 10
print("reversed:", rev, "palindrome:", rev == num)
digits = [int(d) for d in str(num)]
print("digit sum", sum(digits), "product", end=" ")
p = 1
for d in digits: p *= d
print(p)
print("armstrong" if sum(d ** len(digits) for d in digits) == num else "not armstrong")
