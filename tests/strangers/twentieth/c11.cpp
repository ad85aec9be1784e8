#include <iostream>
#include <fstream>
#include <functional>
#include <map>
#include <tuple>
#include <string>
#include <vector>
#include <array>
#include <optional>
#include <climits>
#define SIZE 4
#define SQUARE(x) ((x) * (x))
using namespace std;

typedef vector<vector<int>> Grid;
using Op = function<double(double, double)>;

namespace garden {
    const double PI = 3.14;
    int beds = 3;
    int area(int w, int h = 2) { return w * h; }
}

template <typename T>
T biggest(T a, T b) {
    return a > b ? a : b;
}

template <class T>
class Stack {
    vector<T> items;
public:
    void push(const T& x) { items.push_back(x); }
    T pop() {
        if (items.empty()) throw underflow_error("empty");
        T top = items.back();
        items.pop_back();
        return top;
    }
    bool empty() const { return items.empty(); }
    size_t size() const { return items.size(); }
};

int area(int side) { return side * side; }
double area(double r) { return 3.0 * r * r; }
string area(string s) { return "area of " + s; }

void addOne(int& x) { x++; }
void addTwo(int* x) { *x += 2; }
int sumTo(int n) { static int calls = 0; calls++; return n <= 0 ? calls : n + sumTo(n - 1) - calls + calls; }

optional<int> firstEven(const vector<int>& v) {
    for (int x : v) if (x % 2 == 0) return x;
    return nullopt;
}

tuple<int, int, double> stats(const vector<int>& v) {
    int lo = INT_MAX, hi = INT_MIN, sum = 0;
    for (int x : v) {
        lo = min(lo, x);
        hi = max(hi, x);
        sum += x;
    }
    return make_tuple(lo, hi, static_cast<double>(sum) / v.size());
}

int main() {
    Grid g(SIZE, vector<int>(SIZE, 0));
    for (int i = 0; i < SIZE; i++) g[i][i] = SQUARE(i + 1);
    for (const auto& row : g) {
        for (int x : row) cout << x << '\t';
        cout << '\n';
    }
    map<string, Op> ops = {{"+", [](double a, double b) { return a + b; }}, {"*", [](double a, double b) { return a * b; }}};
    for (auto& [name, op] : ops) cout << name << " " << op(3, 4) << endl;
    cout << garden::area(5) << " " << garden::PI * garden::beds << endl;
    cout << biggest(3, 7) << biggest(2.5, 1.5) << biggest<string>("pea", "bean") << endl;
    Stack<string> st;
    st.push("a");
    st.push("b");
    cout << st.pop() << st.size() << endl;
    try {
        st.pop();
        st.pop();
    } catch (underflow_error& e) {
        cout << e.what() << endl;
    }
    cout << area(3) << " " << area(2.0) << " " << area("bed") << endl;
    int n = 1;
    addOne(n);
    addTwo(&n);
    cout << n << endl;
    auto [lo, hi, avg] = stats({4, 8, 1});
    cout << lo << " " << hi << " " << avg << endl;
    auto e = firstEven({1, 3, 6});
    if (e) cout << *e << endl;
    cout << firstEven({1}).value_or(-1) << endl;
    array<int, 3> arr = {1, 2, 3};
    for (auto x : arr) cout << x;
    cout << arr.size() << endl;
    int total = 0;
    auto add = [&total](int x) { total += x; };
    for (int i = 0; i < 4; i++) add(i);
    cout << total << endl;
    ofstream out("c11.txt");
    out << "first 1" << endl << "second 2" << endl;
    out.close();
    ifstream in("c11.txt");
    string w;
    int k;
    while (in >> w >> k) cout << w << "=" << k << ";";
    cout << endl;
    in.close();
    remove("c11.txt");
    int m[2][3] = {{1, 2, 3}, {4, 5, 6}};
    int sum = 0;
    for (int r = 0; r < 2; r++) for (int c = 0; c < 3; c++) sum += m[r][c];
    cout << sum << endl;
    for (int i = 0, j = 5; i < j; i++, j--) cout << i << j << " ";
    cout << endl;
    char name[] = "Ivy";
    cout << name << " " << name[0] << endl;
    int day = 6;
    switch (day) {
        case 6:
        case 7: cout << "weekend\n"; break;
        default: cout << "week\n";
    }
    cout << (day > 5 ? "yes" : "no") << endl;
    printf("%d %5.2f %s %c %%\n", 5, 3.14159, "text", 'x');
    return EXIT_SUCCESS;
}
