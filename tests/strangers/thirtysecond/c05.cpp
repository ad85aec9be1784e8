#include <iostream>
#include <string>
using namespace std;

template <typename T>
class Stack {
private:
    struct Node {
        T data;
        Node* next;
        Node(const T& d, Node* n) : data(d), next(n) {}
    };
    Node* top_;
    int count;

public:
    Stack() : top_(nullptr), count(0) {}
    ~Stack() { while (!empty()) pop(); }
    void push(const T& x) { top_ = new Node(x, top_); count++; }
    T pop() {
        if (empty()) throw string("stack is empty");
        Node* old = top_;
        T result = old->data;
        top_ = old->next;
        delete old;
        count--;
        return result;
    }
    const T& peek() const { return top_->data; }
    bool empty() const { return top_ == nullptr; }
    int size() const { return count; }
};

template <class T>
T biggest(T a, T b) { return a > b ? a : b; }

int precedence(char op) {
    switch (op) {
        case '+': case '-': return 1;
        case '*': case '/': return 2;
        default: return 0;
    }
}

string toPostfix(const string& infix) {
    Stack<char> ops;
    string out;
    for (char c : infix) {
        if (isdigit(c)) out += c;
        else if (c == '(') ops.push(c);
        else if (c == ')') {
            while (ops.peek() != '(') out += ops.pop();
            ops.pop();
        } else {
            while (!ops.empty() && precedence(ops.peek()) >= precedence(c)) out += ops.pop();
            ops.push(c);
        }
    }
    while (!ops.empty()) out += ops.pop();
    return out;
}

int evaluate(const string& post) {
    Stack<int> values;
    for (size_t i = 0; i < post.length(); i++) {
        char c = post[i];
        if (c >= '0' && c <= '9') values.push(c - '0');
        else {
            int b = values.pop(), a = values.pop();
            switch (c) {
                case '+': values.push(a + b); break;
                case '-': values.push(a - b); break;
                case '*': values.push(a * b); break;
                case '/': values.push(a / b); break;
            }
        }
    }
    return values.pop();
}

int main() {
    for (string s : {"1+2*3", "(1+2)*3", "9-4-2", "8/(4-2)+1"}) {
        string p = toPostfix(s);
        cout << s << " => " << p << " = " << evaluate(p) << endl;
    }
    Stack<string> words;
    try {
        words.push("one");
        cout << words.pop() << " " << words.size() << endl;
        words.pop();
    } catch (const string& msg) {
        cout << "Error: " << msg << endl;
    }
    cout << biggest(3, 7) << biggest<double>(2.5, 1) << biggest(string("a"), string("b")) << endl;
}
