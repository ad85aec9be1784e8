#include <iostream>
#include <string>
#include <vector>
using namespace std;

// Seeds are whole and litres are not: each call says what T is.
template <typename T>
T half(T amount) { return amount / 2; }

template <typename T>
T twice(T amount) { return amount + amount; }

template <typename T>
T total(const vector<T>& amounts) {
    T sum{};
    for (const T& amount : amounts) sum += amount;
    return sum;
}

template <typename T>
T share(const vector<T>& amounts) {
    T sum = T();
    for (size_t i = 0; i < amounts.size(); i++) {
        sum = sum + amounts[i];
    }
    return sum / static_cast<T>(amounts.size());
}

template <typename A, typename B>
auto joined(A one, B other) { return one + other; }

template <typename T>
void swapped(T& one, T& other) {
    T kept = one;
    one = other;
    other = kept;
}

int main() {
    cout << half(7) << " " << half(7.0) << " " << half(9L) << endl;
    cout << twice(3000000000LL) << " " << twice(21) << " " << twice(2.5) << " " << twice(string("pea")) << endl;
    cout << total(vector<int>{1, 2}) << " " << total(vector<double>{1.5, 2}) << endl;
    cout << share(vector<int>{1, 2, 4}) << " " << share(vector<double>{1, 2, 4}) << endl;
    cout << joined(1, 2.5) << " " << joined(7, 8) / 2 << " " << joined(string("be"), "an") << endl;
    int rows = 3, beds = 4;
    swapped(rows, beds);
    double rain = 1.5, sun = 2;
    swapped(rain, sun);
    cout << rows << beds << " " << rain << sun << endl;
    cout << string{"kale"} << int{4} << double(3) / 2 << int() << endl;
}
