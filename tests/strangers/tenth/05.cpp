#include <iostream>
#include <vector>
using namespace std;

template <typename T>
class Stack {
    vector<T> data;
public:
    void push(const T& x) { data.push_back(x); }
    T pop() {
        if (data.empty()) throw out_of_range("stack is empty");
        T x = data.back();
        data.pop_back();
        return x;
    }
    bool empty() const { return data.empty(); }
    size_t size() const { return data.size(); }
};

template <class T>
T maxOf(T a, T b) { return a > b ? a : b; }

template <typename T>
void printAll(const vector<T>& v, const string& sep = ", ") {
    for (size_t i = 0; i < v.size(); i++) {
        if (i) cout << sep;
        cout << v[i];
    }
    cout << endl;
}

int main() {
    Stack<int> s;
    for (int i = 0; i < 5; ++i) s.push(i * 10);
    while (s.size() > 2) cout << s.pop() << " ";
    cout << endl;
    Stack<string> names;
    names.push("fern");
    names.push("moss");
    cout << names.pop() << names.pop() << endl;
    try {
        names.pop();
    } catch (const out_of_range& e) {
        cout << "error: " << e.what() << endl;
    }
    cout << maxOf(3, 7) << " " << maxOf(2.5, 1.5) << " " << maxOf<string>("ab", "b") << endl;
    printAll(vector<int>{1, 2, 3});
    printAll(vector<string>{"a", "b"}, "-");
}
