#include <iostream>
#include <string>
#include <stdexcept>
using namespace std;

template <typename T>
class Stack {
    struct Node { T data; Node* below; };
    Node* head = nullptr;
    int count = 0;
public:
    Stack() = default;
    Stack(const Stack&) = delete;
    Stack& operator=(const Stack&) = delete;
    ~Stack() { while (!empty()) pop(); }
    void push(const T& x) { head = new Node{x, head}; ++count; }
    T pop() {
        if (empty()) throw underflow_error("stack is empty");
        Node* old = head;
        T x = old->data;
        head = old->below;
        delete old;
        --count;
        return x;
    }
    const T& top() const { if (empty()) throw underflow_error("nothing on top"); return head->data; }
    bool empty() const { return head == nullptr; }
    int size() const { return count; }
};

int priority(char op) {
    switch (op) {
        case '+': case '-': return 1;
        case '*': case '/': case '%': return 2;
        default: return 0;
    }
}

int apply(int a, int b, char op) {
    switch (op) {
        case '+': return a + b;
        case '-': return a - b;
        case '*': return a * b;
        case '/': if (b == 0) throw runtime_error("division by zero"); return a / b;
        case '%': return a % b;
    }
    throw invalid_argument(string("unknown operator ") + op);
}

int evaluate(const string& s) {
    Stack<int> values;
    Stack<char> ops;
    auto reduce = [&]() {
        int b = values.pop(), a = values.pop();
        values.push(apply(a, b, ops.pop()));
    };
    for (size_t i = 0; i < s.size(); ++i) {
        if (isspace(s[i])) continue;
        if (isdigit(s[i])) {
            int n = 0;
            while (i < s.size() && isdigit(s[i])) n = n * 10 + (s[i++] - '0');
            --i;
            values.push(n);
        } else if (s[i] == '(') {
            ops.push('(');
        } else if (s[i] == ')') {
            while (ops.top() != '(') reduce();
            ops.pop();
        } else {
            while (!ops.empty() && priority(ops.top()) >= priority(s[i])) reduce();
            ops.push(s[i]);
        }
    }
    while (!ops.empty()) reduce();
    if (values.size() != 1) throw invalid_argument("malformed");
    return values.pop();
}

int main() {
    string line;
    int n = 0;
    while (getline(cin, line)) {
        if (line.empty()) continue;
        cout << ++n << ": " << line << " = ";
        try {
            cout << evaluate(line) << endl;
        } catch (const underflow_error& e) {
            cout << "underflow: " << e.what() << endl;
        } catch (const invalid_argument& e) {
            cout << "invalid: " << e.what() << endl;
        } catch (const exception& e) {
            cout << "error: " << e.what() << endl;
        }
    }
}
