def to_binary(n):
    if n == 0:
        return "0"
    digits = ""
    while n > 0:
        digits = str(n % 2) + digits
        n //= 2
    return digits

def to_denary(bits):
    total = 0
    for power, bit in enumerate(reversed(bits)):
        total += int(bit) * 2 ** power
    return total

def to_hex(n):
    HEX = "0123456789ABCDEF"
    return HEX[n // 16] + HEX[n % 16]

for n in (0, 1, 37, 255):
    b = to_binary(n)
    print(n, b.zfill(8), to_denary(b), to_hex(n), bin(n)[2:], hex(n).upper()[2:], int(b, 2))
print(int("ff", 16), int("0b101", 0), f"{37:#010b}", f"{255:X}", oct(8))
