#include <iostream>
#include <vector>
#include <string>
using std::cin; using std::cout; using std::endl; using std::vector; using std::string;

using Matrix = vector<vector<double>>;

Matrix multiply(const Matrix &a, const Matrix &b)
{
    Matrix c(a.size(), vector<double>(b[0].size(), 0.0));
    for (size_t i = 0; i < a.size(); ++i)
        for (size_t j = 0; j < b[0].size(); ++j)
            for (size_t k = 0; k < b.size(); ++k)
                c[i][j] += a[i][k] * b[k][j];
    return c;
}

void print(const Matrix &m)
{
    for (const vector<double> &row : m)
    {
        for (size_t j = 0; j < row.size(); ++j)
            cout << row[j] << (j + 1 < row.size() ? "\t" : "\n");
    }
}

long long power(long long base, unsigned int exp, long long mod)
{
    long long result = 1;
    base %= mod;
    while (exp > 0)
    {
        if (exp & 1)
            result = result * base % mod;
        base = base * base % mod;
        exp >>= 1;
    }
    return result;
}

namespace garden {
    int plots = 3;
    namespace tools { string spade() { return "spade"; } }
}

int divide(int a, int b, int &rest)
{
    rest = a % b;
    return a / b;
}

int main()
{
    Matrix a{{1, 2}, {3, 4}}, b{{0.5, 0}, {0, 2}};
    print(multiply(a, b));
    cout << power(7, 100, 1000007) << endl;
    int rest;
    int q = divide(17, 5, rest);
    cout << q << " rest " << rest << endl;
    cout << garden::plots << garden::tools::spade() << endl;
    int values[] = {4, 8, 15};
    int *p = values;
    cout << *p << *(p + 1) << p[2] << " " << sizeof(values) / sizeof(values[0]) << endl;
    string bits;
    for (int n = 37; n > 0; n /= 2)
        bits = char('0' + n % 2) + bits;
    cout << bits << endl;
    int x = 10;
    int y = x++ + ++x;
    cout << x << " " << y << " " << (x > y ? x : y) << endl;
    unsigned char c = 200;
    c += 100;
    cout << int(c) << " " << (int)'a' << " " << (char)98 << " " << 1.0f / 3 << " " << 1e10 << " " << 100000.0 * 10 << endl;
    goto done;
done:
    return 0;
}
