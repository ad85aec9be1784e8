#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
#include <stdexcept>

class BigInt {
public:
    BigInt(long long n = 0) {
        if (n < 0) throw std::invalid_argument("negative");
        do { digits.push_back(n % 10); n /= 10; } while (n > 0);
    }
    explicit BigInt(const std::string& s) {
        for (auto it = s.rbegin(); it != s.rend(); ++it) {
            if (!isdigit(*it)) throw std::invalid_argument("not a digit: " + std::string(1, *it));
            digits.push_back(*it - '0');
        }
        trim();
    }
    BigInt operator+(const BigInt& o) const {
        BigInt r;
        r.digits.clear();
        int carry = 0;
        for (size_t i = 0; i < std::max(digits.size(), o.digits.size()) || carry; i++) {
            int s = carry;
            if (i < digits.size()) s += digits[i];
            if (i < o.digits.size()) s += o.digits[i];
            r.digits.push_back(s % 10);
            carry = s / 10;
        }
        return r;
    }
    BigInt operator*(const BigInt& o) const {
        BigInt r;
        r.digits.assign(digits.size() + o.digits.size(), 0);
        for (size_t i = 0; i < digits.size(); i++) {
            int carry = 0;
            for (size_t j = 0; j < o.digits.size() || carry; j++) {
                long long cur = r.digits[i + j] + carry;
                if (j < o.digits.size()) cur += digits[i] * o.digits[j];
                r.digits[i + j] = cur % 10;
                carry = cur / 10;
            }
        }
        r.trim();
        return r;
    }
    BigInt& operator*=(const BigInt& o) { return *this = *this * o; }
    bool operator<(const BigInt& o) const {
        if (digits.size() != o.digits.size()) return digits.size() < o.digits.size();
        return std::lexicographical_compare(digits.rbegin(), digits.rend(), o.digits.rbegin(), o.digits.rend());
    }
    bool operator==(const BigInt& o) const { return digits == o.digits; }
    friend std::ostream& operator<<(std::ostream& out, const BigInt& b) {
        for (int i = (int)b.digits.size() - 1; i >= 0; --i) out << b.digits[i];
        return out;
    }
private:
    std::vector<int> digits;
    void trim() { while (digits.size() > 1 && digits.back() == 0) digits.pop_back(); }
};

int main() {
    BigInt f(1);
    for (int i = 2; i <= 30; i++) f *= BigInt(i);
    std::cout << "30! = " << f << '\n';
    BigInt a("99999999999999999999"), b = 1;
    std::cout << a + b << ' ' << (a < b) << (b < a) << (a == a) << '\n';
    BigInt x = 0, y = 1;
    for (int i = 0; i < 100; i++) { BigInt t = x + y; x = y; y = t; }
    std::cout << "fib 100: " << x << '\n';
    try { BigInt bad("12a4"); std::cout << bad; }
    catch (const std::invalid_argument& e) { std::cout << "error: " << e.what() << '\n'; }
    try { BigInt bad(-5); } catch (const std::exception& e) { std::cout << e.what() << std::endl; }
}
