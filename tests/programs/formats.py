price = 1234.5
count = 7
name = "bean"
print(f"{price:.2f}|{price:10.1f}|{price:<10}|{price:>10}|{price:^10}|{price:,.2f}|{price:e}|{price:g}")
print(f"{count:3}|{count:03}|{count:<3}|{count:+}|{count:b}|{count:x}|{count:05d}|{-count:05}")
print(f"{name:10}|{name:>10}|{name:^10}|{name:*<8}|{name:.2}")
print(f"{count / 3:.3f} {count * 100 / 9:.0f}% {0.256:.1%} {2.5:.0f} {0.5:.0f} {1.005:.2f} {3.14159:.3}")
print(f"{{braces}} {count + 1} {name.upper()} {'yes' if count > 3 else 'no'} {price}")
width = 8
print(name.rjust(width) + "|" + name.ljust(width, ".") + "|" + name.center(9) + "|" + "7".zfill(3) + str(-4).zfill(4))
