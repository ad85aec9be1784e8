#include <iostream>
#include <cmath>
#include <vector>

bool isPrime(int n) {
    if (n < 2) return false;
    for (int d = 2; d <= std::sqrt(n); ++d)
        if (n % d == 0)
            return false;
    return true;
}

int gcd(int a, int b) {
    return b == 0 ? a : gcd(b, a % b);
}

long long factorial(int n) {
    long long r = 1;
    for (int i = 2; i <= n; i++) r *= i;
    return r;
}

std::string toBinary(unsigned int n) {
    if (n == 0) return "0";
    std::string bits;
    while (n > 0) {
        bits = (n % 2 ? '1' : '0') + bits;
        n /= 2;
    }
    return bits;
}

int main() {
    std::vector<int> primes;
    for (int i = 0; i < 50; i++)
        if (isPrime(i)) primes.push_back(i);
    for (int p : primes) std::cout << p << ' ';
    std::cout << '\n';

    const int N = 30;
    bool sieve[N + 1];
    for (int i = 0; i <= N; i++) sieve[i] = true;
    for (int i = 2; i * i <= N; i++)
        if (sieve[i])
            for (int j = i * i; j <= N; j += i) sieve[j] = false;
    int count = 0;
    for (int i = 2; i <= N; i++) count += sieve[i];
    std::cout << count << " primes up to " << N << std::endl;

    std::cout << gcd(84, 36) << " " << factorial(15) << " " << toBinary(10) << std::endl;
    std::cout << 7 / 2 << " " << -7 / 2 << " " << -7 % 3 << " " << 7.0 / 2 << " " << pow(2, 10) << " " << round(2.5) << " " << floor(-2.1) << std::endl;
    std::cout << 1.0 / 3 << " " << 1e10 << " " << 123456789.0 << " " << 0.00001 << " " << 100000.0 << std::endl;
    int a = 5, b = 7;
    std::swap(a, b);
    std::cout << a << b << " " << std::max(a, b) << std::min(3, 9) << " " << abs(-4) << std::endl;
    char c = 'a';
    c++;
    std::cout << c << " " << (int)c << " " << char(c + 1) << " " << (c == 'b') << std::boolalpha << " " << (c > 'x') << std::endl;
    unsigned int u = 0;
    u--;
    std::cout << u << " " << 2147483647 << " " << sizeof(int) << std::endl;
    int x = 10;
    x += 5; x -= 3; x *= 2; x /= 5; x %= 3;
    std::cout << x << " " << x++ << " " << ++x << std::endl;
    std::cout << (5 & 3) << (5 | 3) << (5 ^ 3) << (1 << 4) << (~5) << std::endl;
    return 0;
}
