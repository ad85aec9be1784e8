#include <iostream>
#include <iomanip>
#include <string>
#include <stdexcept>
namespace garden {
    const double RATE = 1.5;
    double cost(int beds) { return beds * RATE; }
}
class TooDry : public std::runtime_error {
public:
    TooDry(const std::string& what) : std::runtime_error(what) {}
};
int area(int a) { return a * a; }
int area(int a, int b) { return a * b; }
double half(double x) { return x / 2; }
enum Season { SPRING, SUMMER = 5, AUTUMN };
int main() {
    using std::cout;
    cout << std::fixed << std::setprecision(2) << garden::cost(3) << '\n';
    cout << area(3) << ' ' << area(3, 4) << '\n';
    try { throw TooDry("bed 4"); }
    catch (const TooDry& e) { cout << "dry: " << e.what() << '\n'; }
    try { throw 42; } catch (int code) { cout << code << '\n'; } catch (...) { cout << "?\n"; }
    Season s = SUMMER;
    switch (s) { case SPRING: cout << "spring"; break; case SUMMER: cout << "summer"; break; default: cout << "other"; }
    cout << '\n' << AUTUMN << '\n';
    cout << std::setw(8) << std::left << "bed" << std::right << std::setw(5) << 7 << '\n';
    cout << (5 > 3 ? "yes" : "no") << std::boolalpha << (1 < 2) << '\n';
    std::string w = "garden";
    for (std::size_t i = 0; i < w.size(); ++i) if (w[i] == 'd') w[i] = 'D';
    cout << w << w.substr(1, 3) << w.find("den") << w.length() << (w.find('z') == std::string::npos) << '\n';
    for (char& c : w) c = std::toupper(c);
    cout << w << '\n';
    int i = 0; int j = i++ + ++i; cout << i << '\n';
    unsigned int u = 3; long long f = 1; for (int k = 2; k <= 20; ++k) f *= k; cout << f << u << '\n';
    printf("%d %5.2f %s %c\n", 3, 2.5, "hi", 'x');
}
